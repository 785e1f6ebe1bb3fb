package zephyrdune.light.emitter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.distribution.CosinePower;

/** The part that acts of faces that are lit on a known part of themselves. */
public class ActingPartTest {

    /** Half of one of the 128 places along a side. */
    private static final double PLACE = 1.0 / 128;

    private static final Vector3D MIDDLE = Vector3D.of(0.4, -0.3, 1.2);

    /** A face 2 m wide and 1 m high. */
    private static EmittingFace face(Outline outline, Evenness evenness) {
        return new EmittingFace(
                outline, MIDDLE, Vector3D.of(1, 0, 0), Vector3D.of(0, 0.5, 0), 7, evenness, CosinePower.LAMBERTIAN);
    }

    /** As a share of the face: from left to right, from below to above. */
    private static Evenness patch(double left, double right, double low, double high, double besides) {
        return (across, up) -> across >= left && across <= right && up >= low && up <= high ? 1 : besides;
    }

    @Test
    public void aRectangleOfLightOffTheMiddle() {
        EmittingFace acting = ActingPart.of(face(Outline.RECTANGLE, patch(-0.5, 0.1, 0.2, 0.8, 0)));
        assertThat(acting.outline()).isEqualTo(Outline.RECTANGLE);
        assertThat(acting.centre().getX()).isCloseTo(0.4 - 0.2, within(2 * PLACE));
        assertThat(acting.centre().getY()).isCloseTo(-0.3 + 0.25, within(PLACE));
        assertThat(acting.acrossHalf().norm()).isCloseTo(0.3, within(2 * PLACE));
        assertThat(acting.upHalf().norm()).isCloseTo(0.15, within(PLACE));
        assertThat(acting.luminance()).isEqualTo(7);
        assertThat(acting.evenness().even()).isTrue();
    }

    /** On every side of the middle, to the places' own width. */
    @Test
    public void inEveryCorner() {
        for (int x = -1; x <= 1; x += 2) {
            for (int y = -1; y <= 1; y += 2) {
                EmittingFace acting = ActingPart.of(face(
                        Outline.RECTANGLE,
                        patch(
                                Math.min(x * 0.25, x * 0.75),
                                Math.max(x * 0.25, x * 0.75),
                                Math.min(y * 0.5, y),
                                Math.max(y * 0.5, y),
                                0)));
                assertThat(acting.centre().getX() - 0.4).isCloseTo(0.5 * x, within(PLACE / 2));
                assertThat(acting.centre().getY() + 0.3).isCloseTo(0.375 * y, within(PLACE / 4));
                // 32 places of 2/128 each way: exactly
                assertThat(acting.acrossHalf().norm()).isCloseTo(0.25, within(1e-9));
                assertThat(acting.upHalf().norm()).isCloseTo(0.125, within(1e-9));
            }
        }
    }

    /** What has less than a hundredth of the brightest does not count; what has more does. */
    @Test
    public void lessThanAHundredthIsDark() {
        assertThat(ActingPart.of(face(Outline.RECTANGLE, patch(-0.5, 0.5, -0.5, 0.5, 0.009)))
                        .acrossHalf()
                        .norm())
                .isCloseTo(0.5, within(PLACE));
        EmittingFace dim = face(Outline.RECTANGLE, patch(-0.5, 0.5, -0.5, 0.5, 0.011));
        assertThat(ActingPart.of(dim)).isSameAs(dim);
    }

    /** An oval patch is taken for an oval, with the middle and the sides it has. */
    @Test
    public void anOvalOfLight() {
        EmittingFace acting = ActingPart.of(face(
                Outline.RECTANGLE, (across, up) -> Math.hypot((across - 0.3) / 0.5, (up + 0.2) / 0.4) <= 1 ? 1 : 0));
        assertThat(acting.outline()).isEqualTo(Outline.DISC);
        assertThat(acting.centre().getX()).isCloseTo(0.4 + 0.3, within(PLACE));
        assertThat(acting.centre().getY()).isCloseTo(-0.3 - 0.1, within(PLACE));
        assertThat(acting.acrossHalf().norm()).isCloseTo(0.5, within(2 * PLACE));
        assertThat(acting.upHalf().norm()).isCloseTo(0.2, within(PLACE));
    }

    /** A face lit all over acts as it is, a round one too; and one that is lit across its whole width alone does not. */
    @Test
    public void litAllOver() {
        for (Outline outline : new Outline[] {Outline.RECTANGLE, Outline.DISC}) {
            EmittingFace whole = face(outline, (across, up) -> 0.5);
            assertThat(ActingPart.of(whole)).isSameAs(whole);
        }
        EmittingFace band = ActingPart.of(face(Outline.RECTANGLE, patch(-1, 1, -0.5, 0.5, 0)));
        assertThat(band.acrossHalf().norm()).isCloseTo(1, within(1e-9));
        assertThat(band.upHalf().norm()).isCloseTo(0.25, within(1e-9));
        EmittingFace stripe = ActingPart.of(face(Outline.RECTANGLE, patch(-0.5, 0.5, -1, 1, 0)));
        assertThat(stripe.acrossHalf().norm()).isCloseTo(0.5, within(1e-9));
        assertThat(stripe.upHalf().norm()).isCloseTo(0.5, within(1e-9));
    }

    /** One that gives no light at all is left alone. */
    @Test
    public void allDark() {
        EmittingFace dark = face(Outline.RECTANGLE, (across, up) -> 0);
        assertThat(ActingPart.of(dark)).isSameAs(dark);
    }
}
