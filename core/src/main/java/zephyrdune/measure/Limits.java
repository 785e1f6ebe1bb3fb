package zephyrdune.measure;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;

/** The limits of the numeric components of a record, in the order in which they are declared. */
public final class Limits {

    private final List<Limit> byComponent;

    private Limits(List<Limit> byComponent) {
        this.byComponent = List.copyOf(byComponent);
    }

    /**
     * Reads the {@link Within} of every {@code double} component.
     *
     * @throws IllegalStateException when a {@code double} component states no limit
     */
    public static Limits of(Class<? extends Record> type) {
        List<Limit> found = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (component.getType() == double.class) {
                found.add(of(type, component));
            }
        }
        return new Limits(found);
    }

    /** The limit that one {@code double} component states. */
    public static Limit of(Class<? extends Record> type, RecordComponent component) {
        Within within = component.getAnnotation(Within.class);
        if (within == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no limit");
        }
        return new Limit(component.getName(), within.min(), within.max(), within.unit());
    }

    /**
     * Checks the values of the {@code double} components, given in the order in which they are declared.
     *
     * @throws OutOfLimits for the first that is not a finite number inside its range
     */
    public void require(double... values) {
        if (values.length != byComponent.size()) {
            throw new IllegalStateException("expected " + byComponent.size() + " values, got " + values.length);
        }
        for (int i = 0; i < values.length; i++) {
            byComponent.get(i).require(values[i]);
        }
    }
}
