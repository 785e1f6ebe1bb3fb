package zephyrdune.units.geometry;

import java.util.Arrays;
import java.util.function.UnaryOperator;

/** Slopes of a function of several numbers, by central differences. */
public final class Jacobian {

    private static final double STEP = 1e-4;
    private static final double LEAST = 0.1;

    private Jacobian() {}

    /** A row for each value, a column for each number it depends on. */
    public static double[][] of(UnaryOperator<double[]> function, double[] at) {
        return of(
                function,
                at,
                Arrays.stream(at)
                        .map(value -> STEP * Math.max(LEAST, Math.abs(value)))
                        .toArray());
    }

    /** @param nudges by which each number is moved either way, where it is known what suits the function */
    public static double[][] of(UnaryOperator<double[]> function, double[] at, double[] nudges) {
        double[][] slopes = null;
        for (int i = 0; i < at.length; i++) {
            double nudge = nudges[i];
            double[] more = at.clone();
            double[] less = at.clone();
            more[i] += nudge;
            less[i] -= nudge;
            double[] above = function.apply(more);
            double[] below = function.apply(less);
            slopes = slopes == null ? new double[above.length][at.length] : slopes;
            for (int row = 0; row < above.length; row++) {
                slopes[row][i] = (above[row] - below[row]) / (2 * nudge);
            }
        }
        return slopes;
    }
}
