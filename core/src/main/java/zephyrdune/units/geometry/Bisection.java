package zephyrdune.units.geometry;

import java.util.function.DoublePredicate;

/**
 * Where a condition that holds at one value and not at another turns, by halving.
 *
 * @param holds a value at which it holds
 * @param fails one at which it does not, no further from {@code holds} than asked
 */
public record Bisection(double holds, double fails) {

    /**
     * Halves the way from a value where the condition holds to one where it does not, whichever is larger. Neither of the two is tried.
     *
     * @param within how near to each other the two values found are, more than nothing
     */
    public static Bisection of(double holds, double fails, double within, DoublePredicate condition) {
        double in = holds;
        double out = fails;
        while (Math.abs(out - in) > within) {
            double middle = (in + out) / 2;
            if (condition.test(middle)) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return new Bisection(in, out);
    }

    public double middle() {
        return (holds + fails) / 2;
    }
}
