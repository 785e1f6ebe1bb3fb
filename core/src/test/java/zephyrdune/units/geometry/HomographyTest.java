package zephyrdune.units.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
}
