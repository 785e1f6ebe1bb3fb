package zephyrdune.answers.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Origin;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

public class WallReadingTest {

    private static final Source HEAD = ReadyMade.kit().sources().get(1).source();
    private static final Exposure EXPOSURE = new Exposure(8, 1.0 / 125, 100, 1.0 / 200, 0, 5500);
    private static final WallSetup TEST = new WallSetup(HEAD, 1.5, 2.4, EXPOSURE);
    private static final int WIDTH = 244;
    private static final int HEIGHT = 160;

    /** What the shapes of two beams leave open of their levels, stops. */
    private static final double SHAPES = 0.03;

    /** What a usual lens loses in the corners, stops. */
    private static final double SHADING = 0.25;

    private static Shaper shaper(String name) {
        return ReadyMade.kit().shapers().stream()
                .filter(shaper -> shaper.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Shaper small(double power) {
        return new Shaper("Small", new Disc(0.01), new EvenlyLit(), new Beam(power), List.of(), Origin.DEFAULT);
    }

    /** A frame as a perfect camera takes it of a perfect wall. */
    private static WallFrame frame(Shaper stated, Shaper really, double more, double aside) {
        double below = TEST.mark(stated).below();
        return new WallFrame(stated, below, WallProfile.of(file(really, more - below, aside)));
    }

    private static FrameFile file(Shaper really, double stops, double aside) {
        double metres = TEST.framedWidth() / WIDTH;
        WallBeam beam = WallBeam.of(TEST.light(really));
        double middle = TEST.value(really, 0, 0) / beam.at(0, 0);
        float[] linear = new float[3 * WIDTH * HEIGHT];
        for (int column = 0; column < WIDTH; column++) {
            double across = column + 0.5 - WIDTH / 2.0;
            double shaded = SHADING * 4 * across * across / (WIDTH * WIDTH + HEIGHT * HEIGHT);
            double value = beam.at(across * metres - aside, 0) * middle * Stops.ratio(-shaded);
            // every row as the middle's: the beam is read along the level line alone
            for (int row = 0; row < HEIGHT; row++) {
                Arrays.fill(linear, 3 * (row * WIDTH + column), 3 * (row * WIDTH + column) + 3, (float)
                        Math.min(1, value * Stops.ratio(stops)));
            }
        }
        return new FrameFile(new Picture(WIDTH, HEIGHT, linear), CameraSettings.UNTOLD);
    }

    private static WallShaper only(WallFrame... frames) {
        List<WallShaper> found = WallReading.of(TEST, List.of(frames));
        return found.get(found.size() - 1);
    }

    @DataProvider
    Object[][] powers() {
        return new Object[][] {{1}, {4}, {9}, {60}};
    }

    /**
     * Half and a tenth of the intensity of a beam that follows a cosine's power lie at arccos of the power's root; on a wall such a beam falls
     * as the cosine to the power of three more (for a power of 1 the cosine fourth law of handbooks; W. J. Smith, Modern Optical Engineering).
     */
    @Test(dataProvider = "powers")
    public void aSmallBeamHasTheAnglesOfItsCosine(int power) {
        WallBeam beam = WallBeam.of(TEST.light(small(power)));
        assertThat(beam.angle(0.5)).isCloseTo(2 * Math.acos(Math.pow(0.5, 1.0 / power)), within(2e-3));
        assertThat(beam.angle(0.1)).isCloseTo(2 * Math.acos(Math.pow(0.1, 1.0 / power)), within(2e-3));
        double even = Math.acos(Math.pow(Math.cbrt(0.5), 1.0 / (power + 3)));
        assertThat(beam.evenWidth()).isCloseTo(2 * TEST.distance() * Math.tan(even), within(2e-3));
        assertThat(beam.at(0.9, 0) / beam.at(0, 0))
                .isCloseTo(Math.pow(Math.cos(Math.atan(0.9 / 1.5)), power + 3), within(2e-3));
    }

    /** Twice as far, two stops less, of what is small: the inverse-square law. */
    @Test
    public void twiceAsFarIsTwoStopsLess() {
        WallSetup far = new WallSetup(HEAD, 3, 2.4, EXPOSURE);
        assertThat(Stops.between(far.value(small(4), 0, 0), TEST.value(small(4), 0, 0)))
                .isCloseTo(-2, within(1e-3));
    }

    /** What lies within the numbers' own spreads is found, whatever the light was pointed at. */
    @Test
    public void aBeamThatIsNotAsStatedIsFound() {
        Shaper dish = shaper("White beauty dish");
        double wider = 0.12;
        Shaper really = new Shaper(
                dish.name(),
                dish.face(),
                dish.filling(),
                BeamNumber.BEAM.moved(TEST.light(dish), wider).spread(),
                dish.losses(),
                dish.origin());
        WallShaper found =
                only(frame(shaper("Bare head"), shaper("Bare head"), 0, 0.02), frame(dish, really, -0.35, -0.04));
        WallShaper.Found beam = found.numbers().get(0);
        assertThat(Math.log(beam.learnt() / beam.stated())).isCloseTo(wider, within(0.02));
        assertThat(found.loss().orElseThrow()).isCloseTo(0.35, within(0.02));
        assertThat(found.was().underBare().orElseThrow()
                        - found.says().underBare().orElseThrow())
                .isCloseTo(0.35 + level(dish) - level(really), within(0.01));
        assertThat(found.residual()).isLessThan(0.01);
        assertThat(found.trouble()).isEmpty();
        assertThat(found.learnt().losses().stream().mapToDouble(Loss::amount).sum())
                .isCloseTo(0.9 + found.loss().orElseThrow(), within(1e-6));
        assertThat(found.learnt().origin()).isEqualTo(Origin.CALIBRATED);
        assertThat(found.learnt().losses()).allMatch(loss -> loss.origin() == Origin.CALIBRATED);
        assertThat(found.unplaced()).isCloseTo(0, within(1e-6));
    }

    private static double level(Shaper shaper) {
        return Stops.between(TEST.value(shaper, 0, 0), 1);
    }

    /** A kit with what was found in it predicts the frames that it was found by. */
    @Test
    public void theLearntShaperGivesTheFrame() {
        Shaper box = shaper("Softbox 60 × 60, two baffles");
        WallShaper found = only(frame(shaper("Bare head"), shaper("Bare head"), 0, 0), frame(box, box, 0.4, 0.01));
        assertThat(level(found.learnt()) - level(box)).isCloseTo(0.4, within(0.02));
    }

    /**
     * A surface of which no loss is stated: half a stop less is shared between a loss of its own, .2 stop as usual, what the power control may be
     * off by with every stop between the marks, .03, and what two frames are sure by, .028 each; each by its variance.
     */
    @Test
    public void whatIsMissingIsSharedByHowLikelyItIs() {
        Shaper umbrella = shaper("Umbrella 90, white, reflected");
        WallFrame bare = frame(shaper("Bare head"), shaper("Bare head"), 0, 0);
        double marks = 0.03 * (bare.below() - TEST.mark(umbrella).below());
        double frames = 2 * (0.02 * 0.02 + square(Stops.between(1 + 2 * 0.01 / 1.5, 1)));
        double share = (0.2 * 0.2 + frames / 2) / (0.2 * 0.2 + frames + marks * marks);
        WallShaper darker = only(bare, frame(umbrella, umbrella, -0.5, 0));
        assertThat(darker.loss().orElseThrow()).isCloseTo(0.5 * share, within(SHAPES));
        assertThat(level(darker.learnt()) - level(umbrella))
                .isCloseTo(-darker.loss().orElseThrow(), within(1e-6));
        WallShaper brighter = only(bare, frame(umbrella, umbrella, 0.5, 0));
        assertThat(brighter.unplaced()).isCloseTo(-0.5 * share, within(SHAPES));
    }

    private static double square(double value) {
        return value * value;
    }

    @Test
    public void theOrderOfTheFramesDoesNotMatter() {
        List<WallFrame> frames = new ArrayList<>();
        for (String name : List.of("Bare head", "White beauty dish", "Snoot", "Reflector with 20° grid")) {
            frames.add(frame(shaper(name), shaper(name), 0.1 * name.length() - 1, 0.01));
        }
        List<WallShaper> there = WallReading.of(TEST, frames);
        Collections.reverse(frames);
        List<WallShaper> back = new ArrayList<>(WallReading.of(TEST, frames));
        Collections.reverse(back);
        for (int i = 0; i < there.size(); i++) {
            assertThat(back.get(i).loss().orElseThrow())
                    .isCloseTo(there.get(i).loss().orElseThrow(), within(1e-4));
            assertThat(back.get(i).was().beamAngle())
                    .isCloseTo(there.get(i).was().beamAngle(), within(1e-4));
        }
    }

    @Test
    public void withNothingBareThereIsNoLoss() {
        WallShaper found = only(frame(shaper("Snoot"), shaper("Snoot"), -1, 0));
        assertThat(found.loss()).isEmpty();
        assertThat(found.was().underBare()).isEmpty();
        assertThat(found.learnt().losses()).isEqualTo(shaper("Snoot").losses());
        assertThat(WallReading.of(TEST, List.of())).isEmpty();
    }

    @Test
    public void whatIsOffIsTold() {
        Shaper grid = shaper("Reflector with 20° grid");
        WallFrame bare = frame(shaper("Bare head"), shaper("Bare head"), 0, 0);
        assertThat(only(frame(grid, shaper("Standard reflector"), -2, 0)).trouble())
                .contains("another shaper");
        assertThat(only(frame(shaper("Snoot"), shaper("White beauty dish"), -2, 0))
                        .trouble())
                .contains("another shaper");
        Shaper dish = shaper("White beauty dish");
        assertThat(only(bare, frame(dish, dish, -3, 0)).trouble())
                .contains("stops less")
                .contains("mark");
        assertThat(only(bare, frame(grid, grid, 0, 0)).trouble()).isEmpty();
    }

    @Test
    public void aClippedOrABlackFrameIsRefused() {
        Shaper bare = shaper("Bare head");
        assertThatThrownBy(() -> frame(bare, bare, 3, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("turn the light down");
        assertThatThrownBy(() -> frame(bare, bare, -12, 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("turn the light up");
    }

    /** Settings in the file are counted: a stop less by the aperture is not a loss of the shaper. */
    @Test
    public void anotherApertureIsNoLoss() {
        Shaper dish = shaper("White beauty dish");
        WallFrame bare = frame(shaper("Bare head"), shaper("Bare head"), 0, 0);
        double below = TEST.mark(dish).below();
        FrameFile darker = file(dish, -1 - below, 0);
        WallProfile stopped = WallProfile.of(new FrameFile(
                darker.picture(),
                new CameraSettings(OptionalDouble.of(11), OptionalDouble.empty(), OptionalDouble.of(100))));
        assertThat(only(bare, new WallFrame(dish, below, stopped)).loss().orElseThrow())
                .isCloseTo(0, within(0.02));
    }

    @Test
    public void everyReadyMadeShaperIsTakenOrRefusedByName() {
        for (Shaper shaper : ReadyMade.kit().shapers()) {
            try {
                assertThat(TEST.mark(shaper).below()).isBetween(0.0, 12.0);
            } catch (Refused refused) {
                assertThat(refused.field()).as(shaper.name()).isEqualTo("shaper");
            }
        }
    }
}
