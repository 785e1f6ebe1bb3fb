package zephyrdune.answers.calibration;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Unknowns with a Gaussian prior round zero after linear measurements: P = (P0⁻¹ + Hᵀ R⁻¹ H)⁻¹, x = P Hᵀ R⁻¹ y (for one, S. Kay, Fundamentals of
 * Statistical Signal Processing: Estimation Theory, 1993, theorem 10.3, from memory). Independent of the order of the measurements.
 */
public final class LinearGaussian {

    /** What lies farther from all the others than so many standard deviations is not believed. */
    private static final double STRANGE = 3;

    private final RealVector mean;
    private final RealMatrix covariance;

    private LinearGaussian(RealVector mean, RealMatrix covariance) {
        this.mean = mean;
        this.covariance = covariance;
    }

    /** @param priors standard deviation of each unknown before anything is measured */
    public static LinearGaussian of(double[] priors, List<Measurement> measurements) {
        int unknowns = priors.length;
        double[][] information = new double[unknowns][unknowns];
        double[] weighted = new double[unknowns];
        for (int i = 0; i < unknowns; i++) {
            information[i][i] = 1 / (priors[i] * priors[i]);
        }
        for (Measurement measured : measurements) {
            double weight = 1 / (measured.spread() * measured.spread());
            for (int i = 0; i < unknowns; i++) {
                weighted[i] += weight * measured.slope(i) * measured.value();
                for (int j = 0; j < unknowns; j++) {
                    information[i][j] += weight * measured.slope(i) * measured.slope(j);
                }
            }
        }
        RealMatrix covariance = new CholeskyDecomposition(MatrixUtils.createRealMatrix(information))
                .getSolver()
                .getInverse();
        return new LinearGaussian(covariance.operate(MatrixUtils.createRealVector(weighted)), covariance);
    }

    /**
     * Which measurements lie too far from what all the others say: the strangest first, until none is left that is.
     *
     * @return their places in the list
     */
    public static List<Integer> strange(double[] priors, List<Measurement> measurements) {
        List<Integer> believed =
                new ArrayList<>(IntStream.range(0, measurements.size()).boxed().toList());
        List<Integer> strange = new ArrayList<>();
        while (believed.size() > 2) {
            Optional<Integer> worst = believed.stream()
                    .max(Comparator.comparingDouble(at -> strangeness(priors, measurements, believed, at)));
            if (strangeness(priors, measurements, believed, worst.orElseThrow()) <= STRANGE) {
                break;
            }
            believed.remove(worst.orElseThrow());
            strange.add(worst.orElseThrow());
        }
        return strange;
    }

    /** How many standard deviations a measurement lies from what the other believed ones say of it. */
    private static double strangeness(double[] priors, List<Measurement> measurements, List<Integer> believed, int at) {
        List<Measurement> others = believed.stream()
                .filter(other -> other != at)
                .map(measurements::get)
                .toList();
        Measurement measured = measurements.get(at);
        LinearGaussian said = of(priors, others);
        double off = measured.value() - said.mean(measured.slopes());
        return Math.abs(off) / Math.hypot(said.spread(measured.slopes()), measured.spread());
    }

    public double mean(int unknown) {
        return mean.getEntry(unknown);
    }

    /** Standard deviation. */
    public double spread(int unknown) {
        return Math.sqrt(covariance.getEntry(unknown, unknown));
    }

    /** Of a sum of the unknowns, so much of each. */
    public double mean(double[] slopes) {
        return mean.dotProduct(MatrixUtils.createRealVector(slopes));
    }

    /** Standard deviation of such a sum. */
    public double spread(double[] slopes) {
        RealVector of = MatrixUtils.createRealVector(slopes);
        return Math.sqrt(of.dotProduct(covariance.operate(of)));
    }

    /** How far two unknowns go together in what is still open, -1 to 1: near either end they cannot be told apart. */
    public double correlation(int one, int other) {
        return covariance.getEntry(one, other) / spread(one) / spread(other);
    }
}
