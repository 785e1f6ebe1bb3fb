package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.exposure.Srgb;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** Test frames against what is predicted of them: rendered ones, so that what is to be found is known. */
public class FrameReadingTest {

    private static final int WIDTH = 360;
    private static final int HEIGHT = 240;
    private static final int PASSES = 24;

    private TableSet set;
    private List<FramePatch> patches;
    private Picture asItIs;
    private FrameReading asPredicted;

    @BeforeClass
    public void take() {
        set = Sets.chowder();
        patches = ProposedPatches.of(set);
        asItIs = frame(set);
        asPredicted = FrameReading.of(set, set, new FrameFile(asItIs, CameraSettings.UNTOLD), patches);
    }

    /** What a camera that follows sRGB would have stored, in eight bits. */
    private static Picture frame(TableSet set) {
        Picture light = SmallPicture.of(new Switched(set, Set.of()), WIDTH, PASSES);
        byte[] codes = light.srgb();
        float[] linear = new float[codes.length];
        for (int i = 0; i < codes.length; i++) {
            linear[i] = (float) Srgb.decode((codes[i] & 255) / 255.0);
        }
        return new Picture(light.width(), light.height(), linear);
    }

    private static Picture even(double linear) {
        float[] all = new float[3 * WIDTH * HEIGHT];
        Arrays.fill(all, (float) linear);
        return new Picture(WIDTH, HEIGHT, all);
    }

    private static TableSet at(TableSet set, double below) {
        return set.withLight(set.light().withPower(PowerChoice.FIXED, below));
    }

    private static double metered(TableSet set) {
        return MeteredExposure.below(set, KeyLight.of(set));
    }

    @Test
    public void theUsualPlacesAreProposed() {
        assertThat(patches)
                .extracting(FramePatch::part)
                .contains(
                        FramePatch.Part.HERO_TOP,
                        FramePatch.Part.SHADOW_SIDE,
                        FramePatch.Part.TABLE,
                        FramePatch.Part.SHADOW);
    }

    /** Lit from behind, the lit side is the far one: the camera does not see it. */
    @Test
    public void whatTheCameraDoesNotSeeIsNotProposed() {
        TableSet behind = set.withLight(set.light().withClock(0));
        assertThat(ProposedPatches.of(behind)).extracting(FramePatch::part).doesNotContain(FramePatch.Part.LIT_SIDE);
    }

    @Test
    public void aFrameAsPredictedIsOffByNothing() {
        for (PatchReading patch : asPredicted.patches()) {
            assertThat(patch.off().orElseThrow())
                    .as(patch.patch().part().name())
                    .isCloseTo(0, within(0.1));
        }
        assertThat(asPredicted.next().orElseThrow().keyOff()).isCloseTo(0, within(0.05));
        assertThat(asPredicted.next().orElseThrow().mark().below()).isCloseTo(metered(set), within(1e-9));
    }

    /** A kit that gives half a stop more than it says, at the same mark: that much is to be taken off, however much the room adds. */
    @Test
    public void aStrongerLightIsToldFromTheRoom() {
        TableSet lit = set.withAmbient(set.ambient().withIlluminance(200))
                .withExposure(set.exposure().withShutter(1.0 / 30));
        double below = metered(lit) + 1;
        FrameReading reading = FrameReading.of(
                at(lit, below),
                at(lit, below),
                new FrameFile(frame(at(lit, below - 0.5)), CameraSettings.UNTOLD),
                patches);
        NextPower next = reading.next().orElseThrow();
        assertThat(next.keyOff()).isCloseTo(0.5, within(next.spread()));
        assertThat(next.spread()).isLessThan(0.25);
        double wanted = MeteredExposure.of(lit, KeyLight.of(lit)).wantedBelow();
        assertThat(next.wantedBelow()).isCloseTo(wanted + next.keyOff(), within(1e-9));
        assertThat(next.left()).isCloseTo(next.wantedBelow() - next.mark().below(), within(1e-12));
    }

    /** A light that has been moved since asks for another power; how strong it is stays what the frame says. */
    @Test
    public void whatToSetIsForTheSetOnTheTable() {
        TableSet farther =
                set.withLight(set.light().withDistance(1.5 * set.light().distance()));
        NextPower next = FrameReading.of(set, farther, new FrameFile(asItIs, CameraSettings.UNTOLD), patches)
                .next()
                .orElseThrow();
        double wanted = MeteredExposure.of(farther, KeyLight.of(farther)).wantedBelow();
        assertThat(next.wantedBelow()).isCloseTo(wanted + next.keyOff(), within(1e-9));
        assertThat(next.keyOff()).isCloseTo(asPredicted.next().orElseThrow().keyOff(), within(1e-9));
    }

    /** What was learnt and is stated now is not counted twice: the mark to set is the same. */
    @Test
    public void aSetThatStatesWhatItsFrameSaidAsksForTheSameMark() {
        TableSet stated =
                set.withLight(set.light().withSource(set.light().source().scaled(2)));
        NextPower next = FrameReading.of(set, stated, new FrameFile(asItIs, CameraSettings.UNTOLD), patches)
                .next()
                .orElseThrow();
        assertThat(next.wantedBelow())
                .isCloseTo(asPredicted.next().orElseThrow().wantedBelow(), within(1e-9));
    }

    /** On grey paper, which is what a grey card is, both are predicted alike, to 0.06 stop of sampling; and a grey card alone tells the light within a tenth of a stop. */
    @Test
    public void aGreyCardPinsTheLight() {
        TableSet grey = set.withProps(List.of()).withTableTop(Sets.endless(Surface.GREY_PAPER));
        List<FramePatch> both = List.of(
                new FramePatch(FramePatch.Part.TABLE, 0.12, 0.8), new FramePatch(FramePatch.Part.GREY_CARD, 0.12, 0.8));
        FrameReading reading = FrameReading.of(grey, grey, new FrameFile(even(0.18), CameraSettings.UNTOLD), both);
        assertThat(reading.patches().get(1).predicted().orElseThrow())
                .isCloseTo(reading.patches().get(0).predicted().orElseThrow(), within(0.06));
        FramePatch white = new FramePatch(FramePatch.Part.GREY_CARD, 0.12, 0.8, 0.9);
        assertThat(FrameReading.of(grey, grey, new FrameFile(even(0.18), CameraSettings.UNTOLD), List.of(white))
                        .patches()
                        .get(0)
                        .predicted()
                        .orElseThrow())
                .as("a white card of 90 % is 2.32 stops brighter than one of 18 %")
                .isCloseTo(reading.patches().get(1).predicted().orElseThrow() + 2.322, within(0.001));
        FrameReading card =
                FrameReading.of(grey, grey, new FrameFile(even(0.18), CameraSettings.UNTOLD), both.subList(1, 2));
        NextPower next = card.next().orElseThrow();
        assertThat(next.spread()).isLessThan(0.1);
        assertThat(next.keyOff()).isCloseTo(card.patches().get(0).off().orElseThrow(), within(0.1));
    }

    /** A frame at the power that is told for it has the background at the end of the file's scale: by a mark of a third at most below, within a tenth of a stop. */
    @Test
    public void theBackgroundIsBroughtToWhite() {
        TableSet level = set.withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48))
                .withBackdrop(new Backdrop(1.2, 3, 2, Surface.WHITE_PAPER));
        List<FramePatch> backdrop = ProposedPatches.of(level).stream()
                .filter(patch -> patch.part() == FramePatch.Part.BACKDROP)
                .toList();
        assertThat(backdrop).hasSize(1);
        FrameReading reading =
                FrameReading.of(level, level, new FrameFile(frame(level), CameraSettings.UNTOLD), backdrop);
        JustWhite white = reading.white().orElseThrow();
        assertThat(white.mark().below()).isBetween(white.wantedBelow(), white.wantedBelow() + 1.0 / 3 + 1e-6);
        TableSet bright = at(level, white.mark().below());
        double shown = FrameReading.of(bright, bright, new FrameFile(even(0.18), CameraSettings.UNTOLD), backdrop)
                .patches()
                .get(0)
                .predicted()
                .orElseThrow();
        double full = Stops.between(1, 0.18);
        assertThat(shown).isBetween(full - 1.0 / 3 - 0.1, full + 0.1);
    }

    /** Twice the speed makes a stop, which the file tells and the prediction counts. */
    @Test
    public void whatTheCameraWasSetToIsCounted() {
        TableSet fixed = at(set, metered(set) + 1.5);
        TableSet faster = fixed.withExposure(
                fixed.exposure().withSpeed(2 * fixed.exposure().speed()));
        CameraSettings told = new CameraSettings(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(faster.exposure().speed()));
        FrameReading reading = FrameReading.of(fixed, fixed, new FrameFile(frame(faster), told), patches);
        assertThat(reading.brighter()).isCloseTo(1, within(1e-9));
        assertThat(reading.next().orElseThrow().keyOff()).isCloseTo(0, within(0.05));
    }

    /** A patch on a napkin that nobody told of is off by itself: it is held back and said, and the light is found as if it were not there. */
    @Test
    public void aPatchThatIsOffByItselfIsHeldBack() {
        Picture frame = asItIs;
        FramePatch table = patches.stream()
                .filter(patch -> patch.part() == FramePatch.Part.TABLE)
                .findFirst()
                .orElseThrow();
        float[] linear = frame.linear().clone();
        for (int i = 0; i < linear.length / 3; i++) {
            double x = (i % frame.width() + 0.5) / frame.width() - table.across();
            double y = (i / frame.width() + 0.5) / frame.height() - table.down();
            if (Math.hypot(x, y) < 0.06) {
                Arrays.fill(linear, 3 * i, 3 * i + 3, 0.02f);
            }
        }
        FrameReading reading = FrameReading.of(
                set,
                set,
                new FrameFile(new Picture(frame.width(), frame.height(), linear), CameraSettings.UNTOLD),
                patches);
        for (PatchReading patch : reading.patches()) {
            assertThat(patch.held())
                    .as(patch.patch().part().name())
                    .isEqualTo(patch.patch().equals(table));
        }
        assertThat(reading.next().orElseThrow().keyOff()).isCloseTo(0, within(0.1));
    }

    @Test
    public void aFrameIsReadByItsCamerasOwnToneCurve() {
        ToneCurve steep = new ToneCurve(IntStream.range(0, 256)
                .mapToObj(code -> Srgb.decode(118 / 255.0) * Math.pow(code / 118.0, 3.2))
                .toList());
        Picture written = steep.written(asItIs);
        FrameReading byCurve = FrameReading.of(set, set, new FrameFile(written, CameraSettings.UNTOLD, steep), patches);
        FrameReading asSrgb = FrameReading.of(set, set, new FrameFile(written, CameraSettings.UNTOLD), patches);
        double worst = 0;
        for (int i = 0; i < patches.size(); i++) {
            double off = asPredicted.patches().get(i).off().orElseThrow();
            assertThat(byCurve.patches().get(i).off().orElseThrow()).isCloseTo(off, within(0.02));
            worst = Math.max(worst, Math.abs(asSrgb.patches().get(i).off().orElseThrow() - off));
        }
        assertThat(worst).isGreaterThan(0.3);
    }

    /** A frame of the set itself differs nowhere from it; one of a dimmer set by as much as that is dimmer, but where it is black. */
    @Test
    public void theDifferenceIsThatOfTheLight() {
        FrameFile file = new FrameFile(asItIs, CameraSettings.UNTOLD);
        assertThat(median(FrameDifference.of(set, file))).isCloseTo(0, within(0.03));
        TableSet fixed = at(set, metered(set));
        FrameDifference dimmer =
                FrameDifference.of(fixed, new FrameFile(frame(at(set, metered(set) + 1)), CameraSettings.UNTOLD));
        assertThat(dimmer.stops()).hasSize(dimmer.width() * dimmer.height());
        assertThat(median(dimmer)).isBetween(-1.02, -0.75);
    }

    private static double median(FrameDifference difference) {
        float[] stops = difference.stops().clone();
        Arrays.sort(stops);
        return stops[stops.length / 2];
    }

    /** IEC 61966-2-1: code 118 is a linear 0.181, mid grey, whatever is predicted there. */
    @Test
    public void measuredTonesAreThoseOfTheFile() {
        FrameReading reading = FrameReading.of(
                set, set, new FrameFile(even(Srgb.decode(118 / 255.0)), CameraSettings.UNTOLD), patches);
        for (PatchReading patch : reading.patches()) {
            assertThat(patch.measured().orElseThrow()).isCloseTo(0.01, within(0.005));
            assertThat(patch.uneven()).isCloseTo(0, within(1e-6));
        }
    }

    @Test
    public void whatIsClippedOrBlackIsSaidAndNotUsed() {
        FrameReading white = FrameReading.of(set, set, new FrameFile(even(1), CameraSettings.UNTOLD), patches);
        // the light gives at least what clips the first channel of the patch that is clipped first, and is taken off
        // the end
        NextPower down = white.next().orElseThrow();
        assertThat(down.clipped()).isTrue();
        assertThat(down.keyOff()).isPositive();
        assertThat(down.wantedBelow()).isGreaterThan(metered(set) + down.keyOff());
        assertThat(white.patches()).allSatisfy(patch -> {
            assertThat(patch.measured()).isEmpty();
            assertThat(patch.off()).isEmpty();
            assertThat(patch.trouble()).contains("bright");
        });
        FrameReading black = FrameReading.of(set, set, new FrameFile(even(0), CameraSettings.UNTOLD), patches);
        assertThat(black.next()).isEmpty();
        assertThat(black.patches())
                .allSatisfy(patch -> assertThat(patch.trouble()).contains("dark"));
    }

    @Test
    public void aPlaceWithNothingInItIsSaid() {
        TableSet low = set.withCamera(set.camera().withElevation(0))
                .withBackdrop(new Backdrop(6, 1, 0.3, set.backdrop().surface()));
        PatchReading sky = FrameReading.of(
                        low,
                        low,
                        new FrameFile(even(0.2), CameraSettings.UNTOLD),
                        List.of(new FramePatch(FramePatch.Part.BACKDROP, 0.02, 0.001)))
                .patches()
                .get(0);
        assertThat(sky.predicted()).isEmpty();
        assertThat(sky.trouble()).isNotEmpty();
    }

    @Test
    public void whatNoCameraHasIsNotBelieved() {
        CameraSettings nonsense =
                new CameraSettings(OptionalDouble.of(-4), OptionalDouble.of(1e9), OptionalDouble.of(0));
        assertThat(nonsense.in(set.exposure())).isEqualTo(set.exposure());
        assertThat(nonsense.brighter(set.exposure())).isZero();
    }

    @Test
    public void patchesLieInTheFrame() {
        assertThatThrownBy(() -> new FramePatch(FramePatch.Part.TABLE, 1.1, 0.5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("1");
    }
}
