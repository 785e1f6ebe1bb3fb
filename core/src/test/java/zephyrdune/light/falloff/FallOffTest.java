package zephyrdune.light.falloff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.light.Light;

/** Fall-off against the laws of photometry in the cases where those are simple. */
public class FallOffTest {

    @Test
    public void farSmallLightFollowsInverseSquareAndCosine() {
        // E = I cos(i) / d² (inverse-square and cosine law of illumination); 10 m away they hold to a thousandth of a
        // stop
        TableSet set = Sets.lit(box(0.1, 0.1, 9, 30, 10)).withDish(Sets.sliver());
        FallOff across = FallOff.acrossFrame(set, KeyLight.of(set));
        double[] stops = new double[2];
        for (int end = 0; end < 2; end++) {
            double x = (end == 0 ? across.from() : across.to()).getX()
                    - set.light().centre().getX();
            double z = set.light().centre().getZ();
            stops[end] = Math.log(z / Math.pow(x * x + z * z, 1.5)) / Math.log(2);
        }
        assertThat(across.stops()).isCloseTo(stops[1] - stops[0], within(1e-3));
        assertThat(across.stops()).isNegative();
    }

    @Test
    public void twiceTheDistanceIsTwoStopsFarOff() {
        // common practice, no published source
        Light near = box(0.1, 0.1, 9, 45, 2);
        double once = KeyLight.of(Sets.lit(near)).heroIlluminance();
        double twice = KeyLight.of(Sets.lit(near.withDistance(4))).heroIlluminance();
        assertThat(Math.log(twice / once) / Math.log(2)).isCloseTo(-2, within(0.05));
    }

    @Test
    public void sixtyOneCentimetreBoxFromNinetyToOneEighty() {
        // made up with one to two stops of ISO in practice (common practice, no published source); the model: 1.85
        // the box hangs straight above, its light measured on the table
        TableSet flat = chowder().withDish(Sets.sliver());
        double top = 0.005;
        double near =
                KeyLight.of(flat.withLight(box(0.61, 0.61, 12, 90, 0.9 + top))).heroIlluminance();
        double far =
                KeyLight.of(flat.withLight(box(0.61, 0.61, 12, 90, 1.8 + top))).heroIlluminance();
        assertThat(Math.log(far / near) / Math.log(2)).isCloseTo(-1.85, within(0.005));
    }

    @Test
    public void lightFromSixOClockIsEvenFromLeftToRight() {
        TableSet set = Sets.lit(box(0.6, 0.6, 6, 45, 0.9));
        assertThat(FallOff.acrossFrame(set, KeyLight.of(set)).stops()).isCloseTo(0, within(1e-12));
    }

    @Test
    public void mirroredLightMirrorsTheFallOff() {
        FallOff left = FallOff.acrossFrame(Sets.lit(box(0.6, 0.6, 10, 40, 0.9)), key(10));
        FallOff right = FallOff.acrossFrame(Sets.lit(box(0.6, 0.6, 2, 40, 0.9)), key(2));
        assertThat(left.stops()).isCloseTo(right.stops(), within(1e-12));
        assertThat(left.from().getX()).isCloseTo(-right.from().getX(), within(1e-12));
    }

    private static KeyLight key(double clock) {
        return KeyLight.of(Sets.lit(box(0.6, 0.6, clock, 40, 0.9)));
    }

    @Test
    public void fartherLightIsMoreEven() {
        TableSet near = Sets.lit(box(0.6, 0.6, 9, 45, 0.8));
        TableSet far = Sets.lit(box(0.6, 0.6, 9, 45, 2.4));
        assertThat(FallOff.acrossHero(far, KeyLight.of(far)).stops())
                .isBetween(FallOff.acrossHero(near, KeyLight.of(near)).stops(), 0.0);
    }

    @Test
    public void probesLieWhereTheySay() {
        TableSet set = chowder().withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.7));
        KeyLight key = KeyLight.of(set);
        FallOff frame = FallOff.acrossFrame(set, key);
        assertThat(frame.from().getX()).isEqualTo(-0.35);
        assertThat(frame.to().getX()).isEqualTo(0.35);
        FallOff hero = FallOff.acrossHero(set, key);
        assertThat(hero.from().distance(hero.to())).isCloseTo(0.19, within(1e-12));
        assertThat(hero.from().getX()).isNegative();
        assertThat(hero.from().getY()).isPositive();
        assertThat(FallOff.heroToBackdrop(set, key).to().getY()).isEqualTo(1.2);
    }

    /** Where the ends of the frame's middle row, moved, lie on the table as the thin lens projects them. */
    @Test
    public void aMovedFrameIsReadWhereItIs() {
        for (CameraAngle angle : new CameraAngle[] {CameraAngle.OVERHEAD, CameraAngle.FORTY_FIVE}) {
            Camera still = new Camera(angle, 0.085, 0.036, 0.024, 0.4);
            Camera moved = new Camera(angle.elevation(), 0.085, 0.036, 0.024, 0.4, 0.12, -0.09, TextSpace.NONE);
            TableSet set = chowder().withCamera(moved);
            FallOff frame = FallOff.acrossFrame(set, KeyLight.of(set));
            // the still camera's row through the hero point is as far down the frame as the moved one's through the
            // probes
            Vector3D before = Perspective.of(set.withCamera(still)).project(Vector3D.of(-0.2, 0, 0));
            Vector3D now = Perspective.of(set).project(frame.from());
            assertThat(now.getY()).isCloseTo(before.getY(), within(0.02));
            assertThat(Math.min(frame.from().getX(), frame.to().getX())).isCloseTo(-0.08, within(1e-12));
            assertThat(Math.max(frame.from().getX(), frame.to().getX())).isCloseTo(0.32, within(1e-12));
        }
    }

    @Test
    public void ruleIsTheInverseSquareOfTheDistances() {
        TableSet set = chowder();
        FallOff across = FallOff.acrossHero(set, KeyLight.of(set));
        double near = set.light().centre().distance(across.from());
        double far = set.light().centre().distance(across.to());
        assertThat(across.rule()).isCloseTo(-2 * Math.log(far / near) / Math.log(2), within(1e-12));
        TableSet nearer = set.withLight(set.light().withDistance(0.6));
        assertThat(MeteredExposure.toMakeUp(set, nearer)).isNegative();
    }
}
