package zephyrdune.answers.photograph;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer.Optimum;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * A soft edge fitted to the light along several lines that lie side by side and run out of a shadow. Places are shares of a line's length.
 *
 * @param width of the whole edge
 * @param middle of the edge on the middle line
 * @param slant how far the middle moves along the line for each step beside it
 * @param shade light in the shadow
 * @param lit light beside it, at the edge's middle
 * @param off root of the sum of squares
 * @param uneven how far a part of the line is off, of the step between both sides
 */
record EdgeFit(double width, double middle, double slant, double shade, double lit, double off, double uneven) {

    /** How far apart the outermost lines lie. */
    private static final double STRIP = 0.16;

    /** Widths that are begun with: what is much too narrow or wide has no slope to follow. */
    private static final double[] FIRST_WIDTHS = {0.1, 0.3, 0.6};

    private static final double LEAST_WIDTH = 1e-3;
    private static final int PARTS = 9;
    private static final int STEPS = 400;

    /** Of what is fitted: width, middle, slant, shade, lit, and how the lit table gets brighter along the line. */
    private static final int UNKNOWNS = 6;

    /** Where a line lies beside the middle one. */
    static double beside(int line, int lines) {
        return STRIP * (line / (lines - 1.0) - 0.5);
    }

    /** Mean of the fifth that every line begins with. */
    static double shade(double[][] light) {
        return mean(light, 0, light[0].length / 5);
    }

    /** Mean of the fifth that every line ends with. */
    static double lit(double[][] light) {
        int along = light[0].length;
        return mean(light, along - along / 5, along);
    }

    private static double mean(double[][] light, int from, int to) {
        return Arrays.stream(light)
                .flatMapToDouble(line -> Arrays.stream(line, from, to))
                .average()
                .orElseThrow();
    }

    /** @param light of lines beside each other, each from within the shadow to well outside */
    static EdgeFit of(double[][] light, EdgeShape shape) {
        Optimum best = null;
        for (double width : FIRST_WIDTHS) {
            Optional<Optimum> found = fit(light, shape, width);
            if (found.isPresent() && (best == null || found.get().getCost() < best.getCost())) {
                best = found.get();
            }
        }
        if (best == null) {
            return new EdgeFit(Double.NaN, 0.5, 0, shade(light), lit(light), Double.POSITIVE_INFINITY, 1);
        }
        double[] at = best.getPoint().toArray();
        return new EdgeFit(Math.abs(at[0]), at[1], at[2], at[3], at[4], best.getCost(), uneven(best, light[0].length));
    }

    double depth() {
        return 1 - shade / lit;
    }

    private static double uneven(Optimum found, int along) {
        RealVector residuals = found.getResiduals();
        double[] off = new double[PARTS];
        for (int i = 0; i < residuals.getDimension(); i++) {
            off[i % along * PARTS / along] += residuals.getEntry(i) * PARTS / residuals.getDimension();
        }
        double step = found.getPoint().getEntry(4) - found.getPoint().getEntry(3);
        return DoubleStream.of(off).map(Math::abs).max().orElseThrow() / Math.abs(step);
    }

    private static Optional<Optimum> fit(double[][] light, EdgeShape shape, double width) {
        int lines = light.length;
        int along = light[0].length;
        double shade = shade(light);
        double lit = lit(light);
        double half = (shade + lit) / 2;
        double dark = Arrays.stream(light)
                .flatMapToDouble(Arrays::stream)
                .filter(value -> value < half)
                .count();
        try {
            return Optional.of(new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(new double[] {width, dark / (lines * along), 0, shade, lit, 0})
                            .model(at -> model(at.toArray(), shape, lines, along))
                            .target(Arrays.stream(light)
                                    .flatMapToDouble(Arrays::stream)
                                    .toArray())
                            .maxEvaluations(STEPS)
                            .maxIterations(STEPS)
                            .build()));
        } catch (MathRuntimeException lost) {
            return Optional.empty();
        }
    }

    /** Light along the lines, and how it changes with each unknown. */
    static Pair<RealVector, RealMatrix> model(double[] at, EdgeShape shape, int lines, int along) {
        double[] light = new double[lines * along];
        double[][] slopes = new double[lines * along][UNKNOWNS];
        double width = Math.max(LEAST_WIDTH, Math.abs(at[0]));
        double step = at[4] - at[3];
        double brighter = at[5];
        for (int i = 0; i < light.length; i++) {
            double beside = beside(i / along, lines);
            double out = i % along / (along - 1.0) - at[1] - at[2] * beside;
            double edge = 2 * out / width;
            double open = shape.share(edge);
            double growth = 1 + brighter * out;
            double steep = step * growth * shape.slope(edge);
            light[i] = at[3] + step * open * growth;
            double[] slope = slopes[i];
            slope[0] = -Math.signum(at[0]) * steep * edge / width;
            slope[1] = -steep * 2 / width - step * open * brighter;
            slope[2] = slope[1] * beside;
            slope[3] = 1 - open * growth;
            slope[4] = open * growth;
            slope[5] = step * open * out;
        }
        return new Pair<>(new ArrayRealVector(light, false), new Array2DRowRealMatrix(slopes, false));
    }
}
