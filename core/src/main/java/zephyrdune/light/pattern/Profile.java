package zephyrdune.light.pattern;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Cancellation;

/** Light along a line, sampled in even steps to both sides of its middle; places are metres from there. */
final class Profile {

    /** Two patches within this share of each other are equally bright. */
    private static final double ALIKE = 0.02;

    /** Edges are found to this share of a step, the brightest and the darkest place to that. */
    private static final double EXACT = 1e-3;

    private static final double NEAR = 0.05;
    private static final MaxEval EVALUATIONS = new MaxEval(100);

    private final DoubleUnaryOperator light;
    private final double step;
    private final double[] samples;
    private final double most;
    private final double least;
    private final double peak;

    /**
     * Samples it.
     *
     * @param reach to each side, metres
     * @param half steps to each side
     */
    Profile(DoubleUnaryOperator light, double reach, int half) {
        this.light = light;
        step = reach / half;
        samples = new double[2 * half + 1];
        int darkest = 0;
        int brightest = 0;
        for (int i = 0; i < samples.length; i++) {
            Cancellation.check();
            samples[i] = light.applyAsDouble(at(i));
            brightest = samples[i] > samples[brightest] ? i : brightest;
            darkest = samples[i] < samples[darkest] ? i : darkest;
        }
        least = light.applyAsDouble(extreme(darkest, GoalType.MINIMIZE));
        most = light.applyAsDouble(extreme(brightest, GoalType.MAXIMIZE));
        int nearest = nearest(samples[brightest] - ALIKE * (samples[brightest] - samples[darkest]));
        peak = extreme(nearest, GoalType.MAXIMIZE);
    }

    /** The darkest light of the line. */
    double least() {
        return least;
    }

    /** The brightest. */
    double most() {
        return most;
    }

    /** The middle of the brightest patch nearest to the line's middle, metres from there. */
    double peak() {
        return peak;
    }

    private double at(int i) {
        return (i - samples.length / 2) * step;
    }

    /** The brightest place, or the darkest, within a step of one. */
    private double extreme(int i, GoalType goal) {
        UnivariateFunction objective = light::applyAsDouble;
        return new BrentOptimizer(Math.ulp(4), NEAR * step)
                .optimize(
                        EVALUATIONS,
                        new UnivariateObjectiveFunction(objective),
                        goal,
                        new SearchInterval(at(i) - step, at(i) + step, at(i)))
                .getPoint();
    }

    /** The sample nearest to the middle with at least so much light. */
    private int nearest(double enough) {
        int middle = samples.length / 2;
        int out = 0;
        while (samples[middle + out] < enough && samples[middle - out] < enough) {
            out++;
        }
        return samples[middle + out] >= enough ? middle + out : middle - out;
    }

    /**
     * Where the light has fallen to a share of the way from the darkest to the brightest, on one side of the peak; the line's end where it
     * has not.
     *
     * @param side 1 or -1
     */
    double crossing(int side, double share) {
        double level = least + share * (most - least);
        double end = side * (samples.length / 2) * step;
        double in = peak;
        while (side * (end - in) > 0) {
            double out = in + side * step;
            if (light.applyAsDouble(out) < level) {
                return Bisection.of(in, out, EXACT * step, place -> light.applyAsDouble(place) >= level)
                        .middle();
            }
            in = out;
        }
        return end;
    }
}
