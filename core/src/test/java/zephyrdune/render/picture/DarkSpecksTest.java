package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.testng.annotations.Test;

public class DarkSpecksTest {

    private static final int SIDE = 9;

    private final FirstHits guides = new FirstHits(SIDE, SIDE);
    private final float[] light = new float[3 * SIDE * SIDE];

    private void darken(int... pixels) {
        Arrays.fill(light, 0.5f);
        Arrays.fill(guides.mirrors(), true);
        Arrays.fill(guides.owner(), 4);
        for (int pixel : pixels) {
            light[3 * pixel] = 0;
            light[3 * pixel + 1] = 0;
            light[3 * pixel + 2] = 0;
        }
    }

    private long dark() {
        float[] filled = DarkSpecks.filled(light, guides, SIDE, SIDE);
        int dark = 0;
        for (int pixel = 0; pixel < SIDE * SIDE; pixel++) {
            dark += filled[3 * pixel] == 0 ? 1 : 0;
        }
        return dark;
    }

    private static int at(int column, int row) {
        return row * SIDE + column;
    }

    @Test
    public void aPixelOrTwoAmongBrightOnesAreFilledIn() {
        darken(at(4, 4));
        assertThat(dark()).isZero();
        darken(at(2, 2), at(3, 3), at(6, 5));
        assertThat(dark()).isZero();
    }

    /** Even the corners of a block have three dark neighbours each. */
    @Test
    public void whatIsThreePixelsWideStays() {
        darken(at(3, 3), at(4, 3), at(5, 3), at(3, 4), at(4, 4), at(5, 4), at(3, 5), at(4, 5), at(5, 5));
        assertThat(dark()).isEqualTo(9);
    }

    @Test
    public void whatIsNotGlassOrMetalStays() {
        darken(at(4, 4));
        guides.mirrors()[at(4, 4)] = false;
        assertThat(dark()).isEqualTo(1);
    }

    /** A thin dark thing before the glass is its own. */
    @Test
    public void anotherSurfaceStays() {
        darken(at(4, 4));
        guides.owner()[at(4, 4)] = 7;
        assertThat(dark()).isEqualTo(1);
    }

    @Test
    public void shadesThatAreNoSpecksStay() {
        darken();
        light[3 * at(4, 4) + 1] = 0.3f;
        float[] before = light.clone();
        assertThat(DarkSpecks.filled(light, guides, SIDE, SIDE)).isEqualTo(before);
    }
}
