package zephyrdune.units.measure;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;

/** The limits of the numbers and lists of numbers in a record, in the order in which they are declared. */
public final class Limits {

    private final List<Limit> byComponent;
    private final List<CountLimit> counts;

    private Limits(List<Limit> byComponent, List<CountLimit> counts) {
        this.byComponent = List.copyOf(byComponent);
        this.counts = List.copyOf(counts);
    }

    /**
     * Reads the {@link Within} of every {@code double} and list component, and the {@link Count} of every list.
     *
     * @throws IllegalStateException when one of them states none
     */
    public static Limits of(Class<? extends Record> type) {
        List<Limit> found = new ArrayList<>();
        List<CountLimit> counts = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (isMeasured(component)) {
                found.add(of(type, component));
            }
            if (isListOfNumbers(component)) {
                counts.add(count(type, component));
            }
        }
        return new Limits(found, counts);
    }

    private static boolean isMeasured(RecordComponent component) {
        return component.getType() == double.class || isListOfNumbers(component);
    }

    /** Whether it is a list of numbers, not of parts. */
    public static boolean isListOfNumbers(RecordComponent component) {
        return component.getType() == List.class
                && component.getGenericType() instanceof ParameterizedType listed
                && listed.getActualTypeArguments()[0] == Double.class;
    }

    /** The limit that one {@code double} component, or each number of a list component, states. */
    public static Limit of(Class<? extends Record> type, RecordComponent component) {
        Within within = component.getAnnotation(Within.class);
        if (within == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no limit");
        }
        return new Limit(component.getName(), within.min(), within.max(), within.unit());
    }

    /**
     * How many parts or numbers a list component may hold. Looked up once, when a record's class is loaded.
     *
     * @throws IllegalStateException when there is no such component, or it states no count
     */
    public static CountLimit count(Class<? extends Record> type, String component) {
        return count(type, component(type, component));
    }

    private static RecordComponent component(Class<? extends Record> type, String name) {
        for (RecordComponent component : type.getRecordComponents()) {
            if (component.getName().equals(name)) {
                return component;
            }
        }
        throw new IllegalStateException(type.getName() + " has no component " + name);
    }

    /** The same, of a component at hand. */
    public static CountLimit count(Class<? extends Record> type, RecordComponent component) {
        Count count = component.getAnnotation(Count.class);
        if (count == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no count");
        }
        return new CountLimit(component.getName(), count.min(), count.max());
    }

    /**
     * How long a text component may be. Looked up once, when a record's class is loaded.
     *
     * @throws IllegalStateException when there is no such component, or it states no length
     */
    public static LineLimit line(Class<? extends Record> type, String component) {
        return line(type, component(type, component));
    }

    /** The same, of a component at hand. */
    public static LineLimit line(Class<? extends Record> type, RecordComponent component) {
        Line line = component.getAnnotation(Line.class);
        if (line == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no length");
        }
        return new LineLimit(component.getName(), line.max());
    }

    /**
     * Checks the values of the {@code double} and list components, given in the order in which they are declared.
     *
     * @throws OutOfLimits for the first that is not a finite number inside its range
     * @throws Refused for the first list that is too short or too long
     */
    public void require(Object... values) {
        if (values.length != byComponent.size()) {
            throw new IllegalStateException("expected " + byComponent.size() + " values, got " + values.length);
        }
        int lists = 0;
        for (int i = 0; i < values.length; i++) {
            if (values[i] instanceof List<?> list) {
                requireEach(byComponent.get(i), counts.get(lists++), list);
            } else {
                byComponent.get(i).require((Double) values[i]);
            }
        }
    }

    private static void requireEach(Limit limit, CountLimit count, List<?> list) {
        count.require(list, "numbers");
        for (Object value : list) {
            limit.require((Double) value);
        }
    }
}
