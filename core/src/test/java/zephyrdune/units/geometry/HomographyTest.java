package zephyrdune.units.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import org.testng.annotations.Test;

/** R. Hartley and A. Zisserman, Multiple View Geometry in Computer Vision, 2nd edition 2003, section 2.3: four points tell it, and lines stay lines. */
public class HomographyTest {

    private static final Vector2D[] SQUARE = {Vector2D.of(0, 0), Vector2D.of(1, 0), Vector2D.of(1, 1), Vector2D.of(0, 1)
    };

    private static final Vector2D[] ASKEW = {
        Vector2D.of(0.1, 0.05), Vector2D.of(0.9, 0.12), Vector2D.of(0.8, 1.1), Vector2D.of(-0.1, 0.7)
    };

    private static Homography map(Vector2D[] from, Vector2D[] to) {
        return Homography.of(from, to).orElseThrow();
    }

    @Test
    public void fourPointsComeWhereTheyAreAsked() {
        Homography map = map(SQUARE, ASKEW);
        for (int i = 0; i < 4; i++) {
            assertThat(map.apply(SQUARE[i].getX(), SQUARE[i].getY()).distance(ASKEW[i]))
                    .isCloseTo(0, within(1e-12));
        }
    }

    /** The middle of a square is where its diagonals cross, in whatever perspective. */
    @Test
    public void diagonalsCrossInTheMiddle() {
        Vector2D middle = map(SQUARE, ASKEW).apply(0.5, 0.5);
        assertThat(ASKEW[2].subtract(ASKEW[0]).signedArea(middle.subtract(ASKEW[0])))
                .isCloseTo(0, within(1e-12));
        assertThat(ASKEW[3].subtract(ASKEW[1]).signedArea(middle.subtract(ASKEW[1])))
                .isCloseTo(0, within(1e-12));
    }

    @Test
    public void thereAndBackIsWhereItBegan() {
        Vector2D there = map(SQUARE, ASKEW).apply(0.3, 0.8);
        assertThat(map(ASKEW, SQUARE).apply(there.getX(), there.getY()).distance(Vector2D.of(0.3, 0.8)))
                .isCloseTo(0, within(1e-12));
    }

    @Test
    public void threeInALineTellNothing() {
        Vector2D[] line = {Vector2D.of(0, 0), Vector2D.of(0.5, 0.5), Vector2D.of(1, 1), Vector2D.of(0, 1)};
        assertThat(Homography.of(line, SQUARE)).isEmpty();
        assertThat(Homography.turn(line)).isEmpty();
    }

    @Test
    public void theWayRoundIsTold() {
        assertThat(Homography.turn(SQUARE)).hasValue(1);
        assertThat(Homography.turn(new Vector2D[] {SQUARE[0], SQUARE[3], SQUARE[2], SQUARE[1]}))
                .hasValue(-1);
        assertThat(Homography.turn(new Vector2D[] {SQUARE[0], SQUARE[2], SQUARE[1], SQUARE[3]}))
                .isEmpty();
    }

    /** Seen from the origin, from the plane z = 1 on the plane z = 2 - x: a place (a, b, 1) times t is there where t (1 + a) = 2. */
    private static final Homography SLANTED =
            new Homography(new double[] {0, 2, 0}, new double[] {0, 0, 2}, new double[] {1, 1, 0});

    @Test
    public void placesLieWhereTheRayMeetsTheOtherPlane() {
        assertThat(SLANTED.map(new double[] {0.5, -0.25, 0, 1}))
                .containsExactly(new double[] {2 / 1.5 * 0.5, 2 / 1.5 * -0.25, 0, 2}, within(1e-15));
    }

    @Test
    public void whatLiesBehindIsNone() {
        assertThat(SLANTED.map(new double[] {0, 0, -1.5, 0})).isEmpty();
        assertThat(SLANTED.map(new double[] {-1, 0})).isEmpty();
    }

    /** The cross-ratio of four places on a line stays as it is (Hartley and Zisserman, section 2.5; from memory). */
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
            double[] seen = SLANTED.map(corners);
            double[] across = {seen[0], seen[2], seen[4], seen[6]};
            assertThat(crossRatio(across) / crossRatio(places)).isCloseTo(1, within(1e-12));
        }
    }

    private static double crossRatio(double[] four) {
        return (four[2] - four[0]) * (four[3] - four[1]) / ((four[2] - four[1]) * (four[3] - four[0]));
    }
}
