package zephyrdune.falloff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.table.Sets.box;
import static zephyrdune.table.Sets.chowder;

import org.testng.annotations.Test;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.Backdrop;
import zephyrdune.table.Camera;
import zephyrdune.table.CameraAngle;
import zephyrdune.table.Exposure;
import zephyrdune.table.Light;
import zephyrdune.table.Sets;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

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

    @Test
    public void backdropToneIsReflectanceLightAndExposureTogether() {
        TableSet set = chowder().withBackdrop(new Backdrop(1.2, 2, 1.5, Surface.GREY_PAPER));
        KeyLight key = KeyLight.of(set);
        HeroExposure hero = HeroExposure.of(set, key);
        double level = FallOff.heroToBackdrop(set, key).stops();
        // 18 % paper under a correct exposure of the hero: its tone is its light's level
        assertThat(BackdropTone.of(set, key, hero).stops()).isCloseTo(level, within(1e-4));
        TableSet bright = set.withExposure(new Exposure(5.6, 1 / 125.0, 400, 1 / 200.0, 1.5, 5500));
        assertThat(BackdropTone.of(bright, key, HeroExposure.of(bright, key)).stops())
                .isCloseTo(level + 1.5, within(1e-4));
        TableSet clay = set.withBackdrop(new Backdrop(1.2, 2, 1.5, Surface.CLAY));
        double luminous = 0.2126 * 0.42 + 0.7152 * 0.20 + 0.0722 * 0.12;
        assertThat(BackdropTone.of(clay, key, hero).stops())
                .isCloseTo(level + Math.log(luminous / 0.18) / Math.log(2), within(1e-9));
    }

    @Test
    public void tonesHaveTheNearestName() {
        assertThat(new BackdropTone(-7).name()).isEqualTo(BackdropTone.Name.BLACK);
        assertThat(new BackdropTone(-3.1).name()).isEqualTo(BackdropTone.Name.BLACK);
        assertThat(new BackdropTone(-2.9).name()).isEqualTo(BackdropTone.Name.DARK_GREY);
        assertThat(new BackdropTone(0.2).name()).isEqualTo(BackdropTone.Name.MID_GREY);
        assertThat(new BackdropTone(1).name()).isEqualTo(BackdropTone.Name.LIGHT_GREY);
        assertThat(new BackdropTone(3).name()).isEqualTo(BackdropTone.Name.WHITE);
    }

    @Test
    public void ruleIsTheInverseSquareOfTheDistances() {
        TableSet set = chowder();
        FallOff across = FallOff.acrossHero(set, KeyLight.of(set));
        double near = set.light().centre().distance(across.from());
        double far = set.light().centre().distance(across.to());
        assertThat(across.rule()).isCloseTo(-2 * Math.log(far / near) / Math.log(2), within(1e-12));
        TableSet nearer = set.withLight(set.light().withDistance(0.6));
        assertThat(FallOff.toMakeUp(set, nearer)).isNegative();
    }
}
