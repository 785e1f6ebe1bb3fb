package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.testng.annotations.Test;
import zephyrdune.units.sampling.Sobol;

public class HalvesTest {

    /** Of independent samples: the variance of a difference is the sum of both variances, the variance of a mean that of one over their number. */
    @Test
    public void theDifferenceHasTheVarianceOfTheMean() {
        for (int all = 2; all <= 64; all++) {
            double earlier = Halves.earlier(all);
            double later = all - earlier;
            assertThat(later).isBetween(1.0, earlier);
            double variance = Math.pow(Halves.scale(all), 2) * (1 / earlier + 1 / later);
            assertThat(variance).isCloseTo(1.0 / all, within(1e-15));
        }
    }

    /** The last sample that begins the later ones is where the earlier end. */
    @Test
    public void theLaterOnesBeginAfterTheEarlier() {
        for (int all = 2; all <= 64; all++) {
            int begins = IntStream.range(0, all).filter(Halves::laterFrom).max().orElseThrow();
            assertThat(begins).isEqualTo(Halves.earlier(all));
        }
    }

    /**
     * Where an edge goes through a pixel, the variance of scrambled nets in two dimensions falls with the power 1.5 of their number (Z. He and X.
     * Wang, On the convergence rate of randomized quasi-Monte Carlo for discontinuous functions, SIAM J. Numer. Anal. 53(5), 2015; from memory): then
     * the estimate is the root of 2 to the 1.5 less 1, 1.35, times the truth.
     */
    @Test
    public void anEdgeIsToldATooLargeErrorByWhatTheRateSays() {
        for (int all : new int[] {16, 64, 256}) {
            double told = 0;
            double truth = 0;
            for (int pixel = 0; pixel < 4000; pixel++) {
                double turn = 2 * Math.PI * pixel * 0.618;
                double off = 0.25 * Math.sin(pixel);
                int seed = Sobol.seed(pixel, 5);
                double area = share(turn, off, 1 << 14, Sobol.seed(pixel, 9), 0);
                double earlier = share(turn, off, all / 2, seed, 0);
                double later = share(turn, off, all / 2, seed, all / 2);
                told += Math.pow(Halves.scale(all) * (earlier - later), 2);
                truth += Math.pow((earlier + later) / 2 - area, 2);
            }
            assertThat(Math.sqrt(told / truth)).isCloseTo(Math.sqrt(Math.pow(2, 1.5) - 1), within(0.1));
        }
    }

    /** Share of some points that lie on one side of a line. */
    private static double share(double turn, double off, int points, int seed, int from) {
        return IntStream.range(from, from + points)
                        .filter(i -> (Sobol.first(i, seed) - 0.5) * Math.cos(turn)
                                        + (Sobol.second(i, seed) - 0.5) * Math.sin(turn)
                                < off)
                        .count()
                / (double) points;
    }
}
