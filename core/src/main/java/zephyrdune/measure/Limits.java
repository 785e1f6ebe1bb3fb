package zephyrdune.measure;

import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;

/** The limits of the numbers and lists of numbers in a record, in the order in which they are declared. */
public final class Limits {

    private final List<Limit> byComponent;
    private final List<Count> counts;

    private Limits(List<Limit> byComponent, List<Count> counts) {
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
        List<Count> counts = new ArrayList<>();
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

    /**
     * Checks how many parts a list component holds.
     *
     * @throws Refused when there are too few or too many
     */
    public static void requireCount(Class<? extends Record> type, String component, List<?> list) {
        for (RecordComponent candidate : type.getRecordComponents()) {
            if (candidate.getName().equals(component)) {
                Count count = count(type, candidate);
                if (list.size() < count.min() || list.size() > count.max()) {
                    throw new Refused(
                            component,
                            "%s holds %d parts; it must hold between %d and %d"
                                    .formatted(component, list.size(), count.min(), count.max()));
                }
            }
        }
    }

    /** The limit that one {@code double} component, or each number of a list component, states. */
    public static Limit of(Class<? extends Record> type, RecordComponent component) {
        Within within = component.getAnnotation(Within.class);
        if (within == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no limit");
        }
        return new Limit(component.getName(), within.min(), within.max(), within.unit());
    }

    /** How many numbers a list component may hold. */
    public static Count count(Class<? extends Record> type, RecordComponent component) {
        Count count = component.getAnnotation(Count.class);
        if (count == null) {
            throw new IllegalStateException(type.getName() + "." + component.getName() + " states no count");
        }
        return count;
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

    private static void requireEach(Limit limit, Count count, List<?> list) {
        if (list.size() < count.min() || list.size() > count.max()) {
            throw new Refused(
                    limit.field(),
                    "%s holds %d numbers; it must hold between %d and %d"
                            .formatted(limit.field(), list.size(), count.min(), count.max()));
        }
        for (Object value : list) {
            limit.require((Double) value);
        }
    }
}
