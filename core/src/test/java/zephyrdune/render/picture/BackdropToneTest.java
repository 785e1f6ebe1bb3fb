package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.falloff.FallOff;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** The backdrop's tone against what the key gives a matte paper, and against the picture of any surface. */
public class BackdropToneTest {

    /** A black table and no room light: hardly any light but the key's straight comes to the backdrop. */
    private static TableSet dark(Surface backdrop) {
        return chowder()
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withDish(Sets.sliver())
                .withAmbient(new Ambient(0, 5500, 5))
                .withBackdrop(new Backdrop(1.2, 2, 1.5, backdrop));
    }

    private static double tone(TableSet set) {
        return BackdropTone.of(set, Mix.of(set, Set.of())).stops();
    }

    private static double straight(TableSet set) {
        KeyLight key = KeyLight.of(set);
        MeteredExposure hero = MeteredExposure.of(set, key);
        return FallOff.heroToBackdrop(set, key).stops()
                + Stops.between(hero.light().key() * Stops.ratio(-hero.below()), hero.correct());
    }

    /** 18 % paper: its tone is its light's level, and a little more by way of the table. */
    @Test
    public void greyPaperIsAsBrightAsItsLight() {
        TableSet set = dark(Surface.GREY_PAPER);
        assertThat(tone(set) - straight(set)).isBetween(0.0, 0.1);
        TableSet bright = set.withExposure(new Exposure(5.6, 1 / 125.0, 400, 1 / 200.0, 4 / 3.0, 5500));
        // a third of a stop is a mark of the dial
        assertThat(tone(bright) - tone(set)).isCloseTo(4 / 3.0, within(0.01));
        TableSet clay = dark(Surface.CLAY);
        double luminous = 0.2126 * 0.42 + 0.7152 * 0.20 + 0.0722 * 0.12;
        assertThat(tone(clay) - straight(clay)).isCloseTo(Math.log(luminous / 0.18) / Math.log(2), within(0.12));
    }

    /** The room's light counts as well. */
    @Test
    public void roomLightBrightensIt() {
        TableSet set = dark(Surface.GREY_PAPER);
        assertThat(tone(set.withAmbient(new Ambient(2000, 5500, 5)))).isGreaterThan(tone(set) + 0.5);
    }

    @DataProvider
    Object[][] surfaces() {
        return new Object[][] {
            {Surface.SLATE},
            {Surface.DARK_STONEWARE},
            {Surface.DARK_WOOD},
            {Surface.STEEL},
            {Surface.PALE_WOOD},
            {Surface.LINEN}
        };
    }

    /** Whatever the surface, the tone is that of the patch in the picture: pixels of a finished film round the place. */
    @Test(dataProvider = "surfaces")
    public void toneIsWhatThePictureShows(Surface surface) {
        TableSet set = chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.5))
                .withDish(Sets.sliver())
                .withLight(box(0.6, 0.6, 8, 40, 0.9))
                .withBackdrop(new Backdrop(0.8, 2, 1.5, surface));
        Mix mix = Mix.of(set, Set.of());
        BackdropTone tone = BackdropTone.of(set, mix);
        Film film = new Film(set, 240, 160, false);
        for (int pass = 0; pass < 24; pass++) {
            film.wholePass(SampleBudget.USUAL);
        }
        Picture picture = film.picture(mix);
        Perspective view = Perspective.of(set);
        double sum = 0;
        int count = 0;
        for (int i = 0; i < 240 * 160; i++) {
            Vector3D way = view.ray((i % 240 + 0.5) / 240, (i / 240 + 0.5) / 160);
            Vector3D on = view.eye()
                    .add(way.multiply((tone.place().getY() - view.eye().getY()) / way.getY()));
            Vector3D off = on.subtract(tone.place());
            // the patch, but for the row of pixels where the table begins
            if (Math.abs(off.getX()) < 0.03 && off.getZ() < 0.03 && on.getZ() > 0.002) {
                sum += picture.luminance(i);
                count++;
            }
        }
        assertThat(count).isGreaterThan(200);
        assertThat(tone.stops()).isCloseTo(Stops.between(sum / count, 0.18), within(0.07));
    }

    /** Looked at as high as the hero's top, or as high as the backdrop goes, but for half of the patch. */
    @Test
    public void thePatchIsOnTheBackdrop() {
        assertThat(place(0.3, 2)).isCloseTo(0.3, within(1e-9));
        assertThat(place(0.3, 0.2)).isCloseTo(0.17, within(1e-9));
        assertThat(place(0.02, 2)).isCloseTo(0.03, within(1e-9));
    }

    private static double place(double top, double height) {
        TableSet set = Sets.chowder()
                .withDish(new Block(0.05, 0.05, top, Surface.GREY_PAPER))
                .withBackdrop(new Backdrop(1.2, 2, height, Surface.GREY_PAPER));
        return BackdropTone.of(set, Mix.of(set, Set.of())).place().getZ();
    }
}
