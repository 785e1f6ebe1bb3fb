package zephyrdune.answers.photograph;

import java.util.List;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.EigenDecompositionNonSymmetric;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import zephyrdune.units.measure.Refused;

/**
 * The ellipse through marks, by direct least squares (A. Fitzgibbon, M. Pilu and R. Fisher, Direct least square fitting of ellipses, IEEE PAMI 21,
 * 1999, in the numerically stable form of R. Halir and J. Flusser, WSCG 1998).
 */
final class EllipseFit {

    /** Marks may lie so far off, in half widths of them all. */
    private static final double OFF = 0.08;

    private final double[] middle = new double[2];
    private final double size;
    private final double[] coefficients;

    /**
     * @param points at least five
     * @throws Refused where they lie on no ellipse
     */
    EllipseFit(List<double[]> points) {
        points.forEach(point -> {
            middle[0] += point[0] / points.size();
            middle[1] += point[1] / points.size();
        });
        size = points.stream()
                .mapToDouble(point -> Math.hypot(point[0] - middle[0], point[1] - middle[1]))
                .max()
                .orElseThrow();
        coefficients = fitted(points);
        double worst = points.stream().mapToDouble(this::off).max().orElseThrow();
        if (!(worst <= OFF)) {
            throw new Refused(
                    "plane.rim", "These marks lie on no ellipse; put them onto the rim, spread all the way round it");
        }
    }

    private double[] fitted(List<double[]> points) {
        RealMatrix quadratic = new Array2DRowRealMatrix(points.size(), 3);
        RealMatrix linear = new Array2DRowRealMatrix(points.size(), 3);
        for (int i = 0; i < points.size(); i++) {
            double x = (points.get(i)[0] - middle[0]) / size;
            double y = (points.get(i)[1] - middle[1]) / size;
            quadratic.setRow(i, new double[] {x * x, x * y, y * y});
            linear.setRow(i, new double[] {x, y, 1});
        }
        try {
            return solved(quadratic, linear);
        } catch (MathRuntimeException singular) {
            throw new Refused("plane.rim", "These marks lie on one line; spread them all the way round the rim");
        }
    }

    private static double[] solved(RealMatrix quadratic, RealMatrix linear) {
        RealMatrix s1 = quadratic.transposeMultiply(quadratic);
        RealMatrix s2 = quadratic.transposeMultiply(linear);
        RealMatrix s3 = linear.transposeMultiply(linear);
        RealMatrix rest = new LUDecomposition(s3, 1e-9)
                .getSolver()
                .getInverse()
                .multiply(s2.transpose())
                .scalarMultiply(-1);
        RealMatrix reduced = s1.add(s2.multiply(rest));
        // by the constraint 4 a c - b^2 = 1, its inverse multiplied out
        RealMatrix constrained = new Array2DRowRealMatrix(new double[][] {
            reduced.getRowVector(2).mapDivide(2).toArray(),
            reduced.getRowVector(1).mapMultiply(-1).toArray(),
            reduced.getRowVector(0).mapDivide(2).toArray()
        });
        EigenDecompositionNonSymmetric found = new EigenDecompositionNonSymmetric(constrained);
        for (int i = 0; i < 3; i++) {
            RealVector real = MatrixUtils.createRealVector(new double[] {
                found.getEigenvector(i).getEntry(0).getReal(),
                found.getEigenvector(i).getEntry(1).getReal(),
                found.getEigenvector(i).getEntry(2).getReal()
            });
            double form = 4 * real.getEntry(0) * real.getEntry(2) - real.getEntry(1) * real.getEntry(1);
            if (form > 0) {
                double sign = Math.signum(real.getEntry(0));
                return real.append(rest.operate(real)).mapMultiply(sign).toArray();
            }
        }
        throw new Refused("plane.rim", "These marks lie on no ellipse; put them onto the rim, all the way round it");
    }

    /** How far a point lies off, to first order, in half widths. */
    private double off(double[] point) {
        double x = (point[0] - middle[0]) / size;
        double y = (point[1] - middle[1]) / size;
        double[] c = coefficients;
        double value = c[0] * x * x + c[1] * x * y + c[2] * y * y + c[3] * x + c[4] * y + c[5];
        double slope = Math.hypot(2 * c[0] * x + c[1] * y + c[3], c[1] * x + 2 * c[2] * y + c[4]);
        return Math.abs(value) / slope;
    }

    /** As a symmetric matrix over (x, y, 1), negative inside. */
    RealMatrix conic() {
        double[] c = coefficients;
        RealMatrix local = new Array2DRowRealMatrix(new double[][] {
            {c[0], c[1] / 2, c[3] / 2}, {c[1] / 2, c[2], c[4] / 2}, {c[3] / 2, c[4] / 2, c[5]}
        });
        RealMatrix shift = new Array2DRowRealMatrix(new double[][] {
            {1 / size, 0, -middle[0] / size}, {0, 1 / size, -middle[1] / size}, {0, 0, 1}
        });
        RealMatrix conic = shift.transposeMultiply(local).multiply(shift);
        // symmetric to the last digit
        return conic.add(conic.transpose()).scalarMultiply(0.5);
    }
}
