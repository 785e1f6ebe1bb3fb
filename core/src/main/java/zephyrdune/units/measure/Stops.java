package zephyrdune.units.measure;

/** Stops: base-2 logarithms of ratios of light. One stop more is twice the light. */
public final class Stops {

    private static final double LN_2 = Math.log(2);

    private Stops() {}

    /** How many stops {@code light} lies above {@code reference}; negative below, minus infinity for no light. */
    public static double between(double light, double reference) {
        return Math.log(light / reference) / LN_2;
    }

    /** The ratio of light that so many stops are. */
    public static double ratio(double stops) {
        return Math.exp(stops * LN_2);
    }
}
