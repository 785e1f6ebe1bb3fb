package zephyrdune.units.measure;

import org.apache.commons.numbers.core.Precision;

/** What the rounding of real numbers must not decide: whether a step is whole, or a limit is passed. */
public final class Rounding {

    /** Less than this between two numbers of the size of one is the arithmetic's own. */
    public static final double SLACK = 1e-9;

    private static final Precision.DoubleEquivalence SAME = Precision.doubleEquivalenceOfEpsilon(SLACK);

    private Rounding() {}

    /** The whole number below, or the one that the value all but reaches. */
    public static int down(double value) {
        return (int) Math.floor(value + SLACK);
    }

    /** The whole number above, or the one that the value hardly passes. */
    public static int up(double value) {
        return (int) Math.ceil(value - SLACK);
    }

    public static boolean more(double value, double limit) {
        return SAME.gt(value, limit);
    }

    public static boolean less(double value, double limit) {
        return SAME.lt(value, limit);
    }

    public static boolean same(double one, double other) {
        return SAME.eq(one, other);
    }
}
