package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.distribution.discrete.EnumeratedIntegerDistribution;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Against the inverse of Hipparchus' enumerated distribution. */
public class PiecewiseConstantTest {

    private static final int NUMBERS = 20_000;

    @DataProvider
    Object[][] weights() {
        Random random = new Random(4);
        return new Object[][] {
            {new double[] {3}},
            {new double[] {1, 1, 1, 1}},
            {new double[] {1e-6, 5, 1e-6, 1e-6, 2}},
            {random.doubles(32, 1e-3, 1).toArray()},
            {IntStream.range(0, 32).mapToDouble(i -> Math.exp(-i)).toArray()}
        };
    }

    @Test(dataProvider = "weights")
    public void picksTheCellThatTheInverseDoes(double[] weights) {
        PiecewiseConstant picked = new PiecewiseConstant(weights);
        EnumeratedIntegerDistribution reference = new EnumeratedIntegerDistribution(
                IntStream.range(0, weights.length).toArray(), weights);
        double before = 0;
        for (int i = 0; i < NUMBERS; i++) {
            double number = (i + 0.3) / NUMBERS;
            int cell = picked.cell(number);
            assertThat(cell).isEqualTo(reference.inverseCumulativeProbability(number));
            double place = picked.place(cell, number);
            assertThat(place).isBetween(before, 1.0);
            assertThat((int) (place * weights.length)).isBetween(cell - 1, cell);
            before = place;
        }
        for (int cell = 0; cell < weights.length; cell++) {
            assertThat(picked.share(cell)).isCloseTo(reference.probability(cell), within(1e-12));
        }
    }

    @Test
    public void endsArePicked() {
        PiecewiseConstant picked = new PiecewiseConstant(new double[] {1, 2, 1});
        assertThat(picked.cell(0)).isZero();
        assertThat(picked.cell(Math.nextDown(0.25))).isZero();
        assertThat(picked.cell(0.25)).isEqualTo(1);
        assertThat(picked.cell(0.75)).isEqualTo(2);
        assertThat(picked.cell(1)).isEqualTo(2);
        assertThat(picked.place(2, 1)).isEqualTo(1);
    }
}
