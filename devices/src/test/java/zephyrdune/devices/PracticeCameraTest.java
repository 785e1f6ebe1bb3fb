package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.answers.frame.Bracket;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.NextPower;
import zephyrdune.answers.frame.ProposedPatches;
import zephyrdune.answers.tone.LearntToneCurve;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.answers.tone.ToneCurveFit;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.units.measure.Stops;

/** Frames of the practice camera, read as those of any: by the file and nothing else. */
public class PracticeCameraTest {

    private static final LocalDateTime NOW = LocalDateTime.of(2026, 3, 4, 10, 11, 12);

    private static TableSet chowder() throws IOException, BadFile {
        return SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
    }

    private static PhotographFile taken(HiddenTruth truth, TableSet set, long number) throws BadFile {
        return PhotographFile.read(
                new PracticeCamera(truth, Sensor.USUAL, PictureStyle.NEUTRAL).take(set, NOW, number));
    }

    private static NextPower next(TableSet set, PhotographFile file) {
        List<FramePatch> patches = ProposedPatches.of(set);
        return FrameReading.of(set, set, new FrameFile(file.picture(), file.settings()), patches)
                .next()
                .orElseThrow();
    }

    @Test
    public void theFileTellsHowItWasTaken() throws Exception {
        TableSet set = chowder();
        PhotographFile file = taken(HiddenTruth.NONE, set, 1);
        assertThat(file.takenAt()).contains(NOW);
        assertThat(file.settings().aperture().orElseThrow())
                .isCloseTo(set.exposure().aperture(), within(1e-3));
        assertThat(file.settings().shutter().orElseThrow())
                .isCloseTo(set.exposure().shutter(), within(1e-4));
        assertThat(file.settings().speed().orElseThrow())
                .isEqualTo(set.exposure().speed());
        assertThat(file.settings().brighter(set.exposure())).isCloseTo(0, within(1e-2));
        assertThat(file.lens().orElseThrow().focalLength())
                .isCloseTo(set.camera().focalLength(), within(1e-6));
        assertThat(file.width()).isEqualTo(600);
        assertThat(file.height()).isEqualTo(400);
    }

    /** Read by exiftool (Debian's libimage-exiftool-perl), which knows nothing of what wrote it. */
    @Test
    public void exiftoolReadsTheSame() throws Exception {
        TableSet set = chowder();
        Path file = Files.createTempFile("frame", ".jpg");
        Files.write(file, new PracticeCamera(HiddenTruth.NONE, Sensor.USUAL, PictureStyle.NEUTRAL).take(set, NOW, 3));
        Process exiftool = new ProcessBuilder("exiftool", "-n", "-j", file.toString()).start();
        JsonNode told = JsonMapper.shared()
                .readTree(exiftool.getInputStream().readAllBytes())
                .get(0);
        assertThat(exiftool.waitFor()).isZero();
        assertThat(told.has("Warning")).isFalse();
        assertThat(told.get("FNumber").asDouble()).isCloseTo(set.exposure().aperture(), within(1e-3));
        assertThat(told.get("ExposureTime").asDouble()).isCloseTo(set.exposure().shutter(), within(1e-4));
        assertThat(told.get("ISO").asDouble()).isEqualTo(set.exposure().speed());
        assertThat(told.get("FocalLength").asDouble())
                .isCloseTo(1000 * set.camera().focalLength(), within(1e-3));
        assertThat(told.get("DateTimeOriginal").asString()).isEqualTo("2026:03:04 10:11:12");
        assertThat(told.get("Flash").asInt()).isEqualTo(1);
        assertThat(told.get("Orientation").asInt()).isEqualTo(1);
        assertThat(told.get("ImageWidth").asInt()).isEqualTo(600);
    }

    /** A curve of its own is found from a bracket that went through JPEG files, and the light is read by it as without one. */
    @Test
    public void aBracketTellsTheCamerasOwnToneCurve() throws Exception {
        TableSet set = chowder();
        PracticeCamera camera = new PracticeCamera(HiddenTruth.NONE, Sensor.USUAL, PictureStyle.CONTRAST);
        List<FrameFile> files = new ArrayList<>();
        for (byte[] frame : camera.bracket(set, true, NOW, 40, List.of(-2.0, -4 / 3.0, 0.0, 2 / 3.0, 5 / 3.0))) {
            PhotographFile read = PhotographFile.read(frame);
            assertThat(read.camera()).isEqualTo(PracticeCamera.NAME);
            files.add(new FrameFile(read.picture(), read.settings()));
        }
        LearntToneCurve learnt = ToneCurveFit.of(Bracket.of(set, files));
        assertThat(learnt.frames()).isEqualTo(5);
        assertThat(learnt.residual()).isLessThan(0.05);
        ToneCurve own = PictureStyle.CONTRAST.curve();
        for (int code = Math.max(12, learnt.darkest()); code <= learnt.brightest(); code++) {
            assertThat(Stops.between(learnt.curve().of(code), own.of(code)))
                    .as("code " + code)
                    .isCloseTo(Stops.between(learnt.curve().of(118), own.of(118)), within(0.05));
        }
        FrameFile asSet = files.get(2);
        List<FramePatch> patches = ProposedPatches.of(set);
        double off = FrameReading.of(
                        set, set, new FrameFile(asSet.picture(), asSet.settings(), learnt.curve()), patches)
                .next()
                .orElseThrow()
                .keyOff();
        assertThat(off).isCloseTo(0, within(0.1));
    }

    @Test
    public void aKitThatIsAsItSaysIsFoundSo() throws Exception {
        TableSet set = chowder();
        assertThat(next(set, taken(HiddenTruth.NONE, set, 2)).keyOff()).isCloseTo(0, within(0.1));
    }

    /** Powers are rounded to thirds. */
    private static final double ROUNDED = 1.0 / 6;

    /** What is hidden is found from the first frame that is not clipped: the power it asks for is within a third of a stop of the true one, but for rounding. */
    @Test
    public void whatIsHiddenIsFound() throws Exception {
        TableSet set = chowder();
        double stated = MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
        for (long kit = 1; kit <= 3; kit++) {
            HiddenTruth truth = HiddenTruth.drawn(kit, set.light());
            NextPower next = next(set, taken(truth, set, 10 * kit));
            if (next.clipped()) {
                TableSet down = set.withLight(
                        set.light().withPower(PowerChoice.FIXED, next.mark().below()));
                next = next(down, taken(truth, down, 10 * kit + 1));
            }
            assertThat(next.clipped()).isFalse();
            assertThat(next.mark().below())
                    .as("kit %d", kit)
                    .isCloseTo(stated - truth.dimmer(), within(1.0 / 3 + ROUNDED));
        }
    }

    /** Over 2000 kits the mean is that of a normal distribution to four standard errors, and so is the variance: 0.978, as draws beyond 2.5 count as 2.5. */
    @Test
    public void kitsHaveNothingToDoWithEachOther() throws Exception {
        TableSet set = chowder();
        int kits = 2000;
        double[] outputs = LongStream.range(0, kits)
                .mapToDouble(kit -> HiddenTruth.drawn(kit, set.light()).output() / UsualSpread.SOURCE)
                .toArray();
        double mean = Arrays.stream(outputs).average().orElseThrow();
        double variance = Arrays.stream(outputs)
                .map(output -> (output - mean) * (output - mean))
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(0, within(4 / Math.sqrt(kits)));
        assertThat(variance).isCloseTo(0.978, within(4 * Math.sqrt(2.0 / kits)));
    }

    @Test
    public void theSameNumberIsTheSameKit() throws Exception {
        TableSet set = chowder();
        assertThat(HiddenTruth.drawn(7, set.light())).isEqualTo(HiddenTruth.drawn(7, set.light()));
        assertThat(HiddenTruth.drawn(7, set.light())).isNotEqualTo(HiddenTruth.drawn(8, set.light()));
    }
}
