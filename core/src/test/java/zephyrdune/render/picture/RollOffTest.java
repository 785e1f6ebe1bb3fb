package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;

/** Highlights that roll off, against the formula of the Khronos PBR Neutral tone mapper worked by hand (from memory). */
public class RollOffTest {

    private static float[] pressed(float... pixel) {
        return RollOff.of(new Picture(1, 1, pixel)).linear();
    }

    @Test
    public void whatIsDarkerThanThreeQuartersStays() {
        assertThat(pressed(0.76f, 0.18f, 0)).containsExactly(0.76f, 0.18f, 0);
    }

    /** White at the limit of straight sRGB: 1 - 0.24² / (1 + 0.24 - 0.76) = 0.88; twice as bright 0.9611, thirty times 0.998. */
    @Test
    public void greyIsPressedBelowWhite() {
        assertThat(pressed(1, 1, 1)[1]).isCloseTo(0.88f, within(1e-6f));
        assertThat(pressed(2, 2, 2)[0]).isCloseTo(1 - 0.0576f / 1.48f, within(1e-6f));
        assertThat(pressed(30, 30, 30)[2]).isBetween(0.997f, 1f);
    }

    /** (2, 1, 0.5): the peak goes to 0.96108, colour fades by 1 / (0.15 (2 - 0.96108) + 1) = 0.86518. */
    @Test
    public void colourFadesAndKeepsItsOrder() {
        float[] found = pressed(2, 1, 0.5f);
        assertThat(found[0]).isCloseTo(0.96108f, within(1e-5f));
        assertThat(found[1]).isCloseTo(0.96108f - 0.86518f * 0.48054f, within(2e-5f));
        assertThat(found[2]).isCloseTo(0.96108f - 0.86518f * 0.72081f, within(2e-5f));
    }

    @Test
    public void brighterStaysBrighterAndNothingJumps() {
        float before = 0.7f;
        for (float grey = 0.701f; grey < 20; grey *= 1.003f) {
            float now = pressed(grey, grey, grey)[0];
            assertThat(now).isGreaterThan(before).isLessThan(1);
            assertThat(now - before).isLessThan(0.004f);
            before = now;
        }
    }
}
