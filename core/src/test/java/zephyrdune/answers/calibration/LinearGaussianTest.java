package zephyrdune.answers.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.testng.annotations.Test;

public class LinearGaussianTest {

    private static final double[] PRIORS = {0.4, 0.2, 0.25, 0.1};

    private static List<Measurement> measured(Random random, double[] truth, int count) {
        List<Measurement> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] slopes = {1, 0.5 * random.nextDouble(), random.nextInt(2), random.nextInt(2)};
            double spread = 0.05 + 0.1 * random.nextDouble();
            double value = spread * random.nextGaussian();
            for (int k = 0; k < truth.length; k++) {
                value += slopes[k] * truth[k];
            }
            all.add(new Measurement(value, slopes, spread));
        }
        return all;
    }

    private static double[] drawn(Random random) {
        double[] truth = new double[PRIORS.length];
        for (int k = 0; k < truth.length; k++) {
            truth[k] = PRIORS[k] * random.nextGaussian();
        }
        return truth;
    }

    /** The same as least squares of all rows at once, the priors as rows of their own, by Householder's QR. */
    @Test
    public void isTheLeastSquaresSolution() {
        Random random = new Random(1);
        List<Measurement> all = measured(random, drawn(random), 9);
        RealMatrix rows = MatrixUtils.createRealMatrix(all.size() + PRIORS.length, PRIORS.length);
        RealVector right = MatrixUtils.createRealVector(new double[all.size() + PRIORS.length]);
        for (int i = 0; i < all.size(); i++) {
            Measurement each = all.get(i);
            rows.setRowVector(i, MatrixUtils.createRealVector(each.slopes()).mapDivide(each.spread()));
            right.setEntry(i, each.value() / each.spread());
        }
        for (int k = 0; k < PRIORS.length; k++) {
            rows.setEntry(all.size() + k, k, 1 / PRIORS[k]);
        }
        RealVector expected = new QRDecomposition(rows).getSolver().solve(right);
        LinearGaussian found = LinearGaussian.of(PRIORS, all);
        for (int k = 0; k < PRIORS.length; k++) {
            assertThat(found.mean(k)).isCloseTo(expected.getEntry(k), within(1e-9));
        }
    }

    @Test
    public void theOrderMakesNoDifference() {
        Random random = new Random(2);
        List<Measurement> all = measured(random, drawn(random), 12);
        LinearGaussian found = LinearGaussian.of(PRIORS, all);
        List<Measurement> shuffled = new ArrayList<>(all);
        Collections.shuffle(shuffled, random);
        for (int k = 0; k < PRIORS.length; k++) {
            assertThat(LinearGaussian.of(PRIORS, shuffled).mean(k)).isCloseTo(found.mean(k), within(1e-12));
            assertThat(LinearGaussian.of(PRIORS, shuffled).spread(k)).isCloseTo(found.spread(k), within(1e-12));
        }
    }

    /** Over 500 kits drawn from the priors, 95 % of the true values lie within 1.96 standard deviations: 93 to 97 in a sample of so many. */
    @Test
    public void theSpreadIsTrue() {
        Random random = new Random(3);
        int inside = 0;
        for (int kit = 0; kit < 500; kit++) {
            double[] truth = drawn(random);
            LinearGaussian found = LinearGaussian.of(PRIORS, measured(random, truth, 6));
            for (int k = 0; k < PRIORS.length; k++) {
                inside += Math.abs(found.mean(k) - truth[k]) < 1.96 * found.spread(k) ? 1 : 0;
            }
        }
        assertThat(inside / (500.0 * PRIORS.length)).isBetween(0.93, 0.97);
    }

    @Test
    public void nothingMeasuredLeavesThePrior() {
        LinearGaussian found = LinearGaussian.of(PRIORS, List.of());
        assertThat(found.mean(0)).isZero();
        assertThat(found.spread(2)).isCloseTo(0.25, within(1e-12));
    }

    /** Two unknowns that are only ever measured together. */
    @Test
    public void whatCannotBeToldApartIsKnownAsThat() {
        List<Measurement> sums = List.of(
                new Measurement(0.5, new double[] {1, 1}, 0.02), new Measurement(0.52, new double[] {1, 1}, 0.02));
        LinearGaussian found = LinearGaussian.of(new double[] {0.3, 0.3}, sums);
        assertThat(found.correlation(0, 1)).isLessThan(-0.99);
        assertThat(found.mean(0) + found.mean(1)).isCloseTo(0.51, within(0.01));
        assertThat(found.spread(0)).isGreaterThan(0.2);
    }

    /** Of measurements that are off by eight of their spreads, 95 % are found; of good ones under 1 % are held back. */
    @Test
    public void strangeOnesAreFoundAndGoodOnesBelieved() {
        Random random = new Random(4);
        int found = 0;
        int wrong = 0;
        int good = 0;
        for (int kit = 0; kit < 300; kit++) {
            List<Measurement> all = measured(random, drawn(random), 8);
            Measurement was = all.get(3);
            all.set(3, new Measurement(was.value() + 8 * was.spread(), was.slopes(), was.spread()));
            List<Integer> strange = LinearGaussian.strange(PRIORS, all);
            found += strange.contains(3) ? 1 : 0;
            List<Measurement> allGood = measured(random, drawn(random), 8);
            wrong += LinearGaussian.strange(PRIORS, allGood).size();
            good += allGood.size();
        }
        assertThat(found / 300.0).isGreaterThan(0.95);
        assertThat(wrong / (double) good).isLessThan(0.01);
    }
}
