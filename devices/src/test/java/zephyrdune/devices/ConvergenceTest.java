package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.NextPower;
import zephyrdune.answers.frame.ProposedPatches;
import zephyrdune.answers.learning.KitLearning;
import zephyrdune.answers.learning.TakenFrame;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.PowerChoice;

/**
 * Dialling in on kits whose truth is drawn from what is known of kits before any frame: how far from what is wanted the first frame lies, the second at
 * the mark that the first asks for, the third at the mark that both together ask for. {@code -Dkits=200 -Dtable=true} prints the table that the light model
 * quotes, in a quarter of an hour.
 */
public class ConvergenceTest {

    private static final int KITS = Integer.getInteger("kits", 6);
    private static final boolean TABLE = Boolean.getBoolean("table");
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 3, 4, 10, 11, 12);
    private static final int WIDTH = 300;

    /** Marks lie a third of a stop apart. */
    private static final double ROUNDED = 1.0 / 6;

    @Test
    public void eachFrameLiesNearerToWhatIsWanted() throws Exception {
        TableSet set = SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
        double stated = MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
        double[][] off = new double[3][KITS];
        for (int kit = 0; kit < KITS; kit++) {
            HiddenTruth truth = HiddenTruth.drawn(1000 + kit, set.light());
            double wanted = stated - truth.dimmer();
            List<TakenFrame> frames = new ArrayList<>();
            double below = set.light().source().dial().nearest(stated).below();
            off[0][kit] = stated - wanted;
            NextPower next = taken(set, below, truth, 10L * kit, frames);
            if (next.clipped()) {
                next = taken(set, next.mark().below(), truth, 10L * kit + 1, frames);
            }
            off[1][kit] = next.wantedBelow() - wanted;
            taken(set, next.mark().below(), truth, 10L * kit + 2, frames);
            double more = KitLearning.of(frames, frame -> false).about(set, set).lightsMore();
            off[2][kit] = stated + more - wanted;
        }
        if (TABLE) {
            for (int frame = 0; frame < 3; frame++) {
                System.out.printf(
                        "frame %d of %d kits: off %.3f stop root mean square, %.2f at worst; at the nearest mark within 1/3 stop %.0f %%, 1/6 %.0f %%; before rounding %.0f %%, %.0f %%%n",
                        frame + 1,
                        KITS,
                        rootMeanSquare(off[frame]),
                        Arrays.stream(off[frame]).map(Math::abs).max().orElseThrow(),
                        100 * within(off[frame], 1.0 / 3, ROUNDED),
                        100 * within(off[frame], 1.0 / 6, ROUNDED),
                        100 * within(off[frame], 1.0 / 3, 0),
                        100 * within(off[frame], 1.0 / 6, 0));
            }
        }
        assertThat(rootMeanSquare(off[1])).isLessThan(0.6 * rootMeanSquare(off[0]));
        assertThat(rootMeanSquare(off[2])).isLessThan(0.2);
        assertThat(within(off[1], 1.0 / 3, 0)).isGreaterThanOrEqualTo(0.8);
    }

    /** Takes a frame at a power and tells what it asks for. */
    private static NextPower taken(TableSet set, double below, HiddenTruth truth, long number, List<TakenFrame> frames)
            throws BadFile {
        TableSet at = set.withLight(set.light().withPower(PowerChoice.FIXED, below));
        PracticeCamera camera = new PracticeCamera(truth, Sensor.USUAL, PictureStyle.NEUTRAL, WIDTH);
        PhotographFile file = PhotographFile.read(camera.take(at, NOW, number));
        FrameReading reading =
                FrameReading.of(at, at, new FrameFile(file.picture(), file.settings()), ProposedPatches.of(at));
        frames.add(new TakenFrame(set, at, reading.below(), reading.patches()));
        return reading.next().orElseThrow();
    }

    private static double rootMeanSquare(double[] off) {
        return Math.sqrt(Arrays.stream(off).map(each -> each * each).average().orElseThrow());
    }

    /** Share of kits that lie within so many stops; of a mark that is the nearest to what is asked for, in the mean over where between marks that falls. */
    private static double within(double[] off, double stops, double rounded) {
        int steps = rounded > 0 ? 21 : 1;
        return Arrays.stream(off)
                .map(each -> {
                    double inside = 0;
                    for (int i = 0; i < steps; i++) {
                        double at = steps == 1 ? 0 : rounded * (2.0 * i / (steps - 1) - 1);
                        inside += Math.abs(each + at) <= stops ? 1.0 / steps : 0;
                    }
                    return inside;
                })
                .average()
                .orElseThrow();
    }
}
