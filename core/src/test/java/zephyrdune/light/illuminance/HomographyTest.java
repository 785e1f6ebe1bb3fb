package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.testng.annotations.Test;

public class HomographyTest {

    /** Seen from the origin, from the plane z = 1 on the plane z = 2 - x: a place (a, b, 1) times t is there where t (1 + a) = 2. */
    private static final Homography SLANTED =
            new Homography(new double[] {0, 2, 0}, new double[] {0, 0, 2}, new double[] {1, 1, 0});

    @Test
    public void placesLieWhereTheRayMeetsTheOtherPlane() {
        double[] seen = SLANTED.of(new double[] {0.5, -0.25, 0, 1});
        assertThat(seen).containsExactly(new double[] {2 / 1.5 * 0.5, 2 / 1.5 * -0.25, 0, 2}, within(1e-15));
    }

    @Test
    public void whatIsSeenAwayFromThePlaneIsNone() {
        assertThat(SLANTED.of(new double[] {0, 0, -1.5, 0})).isEmpty();
        assertThat(SLANTED.of(new double[] {-1, 0})).isEmpty();
    }

    /** The cross-ratio of four places on a line stays as it is (the theorem of Pappus; any textbook of projective geometry, from memory). */
    @Test
    public void theCrossRatioStays() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            double from = random.nextDouble() - 0.5;
            double slope = 2 * random.nextDouble() - 1;
            double[] places = random.doubles(4, -0.9, 3).sorted().toArray();
            double[] corners = new double[8];
            for (int k = 0; k < 4; k++) {
                corners[2 * k] = places[k];
                corners[2 * k + 1] = from + slope * places[k];
            }
            double[] seen = SLANTED.of(corners);
            double[] across = {seen[0], seen[2], seen[4], seen[6]};
            assertThat(crossRatio(across)).isCloseTo(crossRatio(places), within(1e-9 * crossRatio(places)));
        }
    }

    private static double crossRatio(double[] four) {
        return (four[2] - four[0]) * (four[3] - four[1]) / ((four[2] - four[1]) * (four[3] - four[0]));
    }
}
