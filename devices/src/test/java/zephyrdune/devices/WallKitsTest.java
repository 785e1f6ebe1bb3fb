package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.wall.WallFrame;
import zephyrdune.answers.wall.WallProfile;
import zephyrdune.answers.wall.WallReading;
import zephyrdune.answers.wall.WallSetup;
import zephyrdune.answers.wall.WallShaper;
import zephyrdune.formats.PhotographFile;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Light;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Stops;

/**
 * Seven shapers of kits whose truth is drawn from what is known of kits, before a wall, through JPEG files and back. {@code -Dkits=40 -Dtable=true}
 * prints the table that the light model quotes.
 */
public class WallKitsTest {

    private static final List<String> SHAPERS = List.of(
            "Bare head",
            "White beauty dish",
            "White beauty dish with sock",
            "Softbox 60 × 60, one baffle",
            "Softbox 60 × 60, two baffles",
            "Reflector with 20° grid",
            "Snoot");

    private static final WallSetup TEST = new WallSetup(
            ReadyMade.kit().sources().get(1).source(), 1.5, 2.4, new Exposure(8, 1.0 / 125, 100, 1.0 / 200, 0, 5500));

    private static final int FIRST = 500;

    /** Where the light is put, what its marks are off by and the camera's noise are in it, stops. */
    private static final double ON_AXIS = 0.25;

    private static final int KITS = Integer.getInteger("kits", 3);
    private static final boolean TABLE = Boolean.getBoolean("table");

    @Test
    public void whatIsFoundIsWhatIsThere() throws Exception {
        int numbers = 0;
        int within = 0;
        for (int kit = 0; kit < KITS; kit++) {
            int seed = FIRST + kit;
            List<WallFrame> frames = new ArrayList<>();
            for (String name : SHAPERS) {
                frames.add(taken(shaper(name), seed));
            }
            List<WallShaper> all = WallReading.of(TEST, frames);
            for (WallShaper found : all) {
                HiddenShaper truth = HiddenShaper.drawn(seed, TEST, found.stated());
                table(kit, found, truth);
                assertThat(found.residual()).as(found.stated().name()).isLessThan(0.1);
                assertThat(found.trouble()).as(found.stated().name()).isEmpty();
                Light really = truth.setup().light(truth.shaper());
                for (WallShaper.Found number : found.numbers()) {
                    numbers++;
                    within += Math.abs(number.learnt() - number.number().of(really)) <= 2 * number.spread() ? 1 : 0;
                }
                numbers++;
                within += Math.abs(found.loss().orElseThrow() - truth.loss()) <= 2 * found.lossSpread() ? 1 : 0;
                assertThat(level(found.learnt(), found.source()) - bare(all))
                        .as(found.stated().name())
                        .isCloseTo(
                                level(truth.shaper(), truth.setup().source()) - truth.loss() - bare(seed),
                                within(ON_AXIS));
            }
        }
        // two standard deviations: 95 of a hundred by the normal distribution
        assertThat((double) within / numbers).isGreaterThan(0.85);
    }

    /** Stops of light in a beam's middle. */
    private static double level(Shaper shaper, Source source) {
        return Stops.between(
                new WallSetup(source, TEST.distance(), TEST.framedWidth(), TEST.exposure()).value(shaper, 0, 0), 1);
    }

    private static double bare(List<WallShaper> found) {
        return level(found.get(0).learnt(), found.get(0).source());
    }

    private static double bare(long seed) {
        HiddenShaper truth = HiddenShaper.drawn(seed, TEST, shaper(SHAPERS.get(0)));
        return level(truth.shaper(), truth.setup().source());
    }

    private static void table(int kit, WallShaper found, HiddenShaper truth) {
        if (!TABLE) {
            return;
        }
        System.out.printf(
                "| %d | %s | %+.2f ± %.2f | %+.2f | %.1f, %.1f | %.1f, %.1f | %.3f |%n",
                kit,
                found.stated().name(),
                found.loss().orElseThrow(),
                found.lossSpread(),
                truth.loss(),
                Math.toDegrees(found.says().beamAngle()),
                Math.toDegrees(found.says().fieldAngle()),
                Math.toDegrees(found.was().beamAngle()),
                Math.toDegrees(found.was().fieldAngle()),
                found.residual());
        for (WallShaper.Found number : found.numbers()) {
            System.out.printf(
                    "| | %s | %.3f | %.3f ± %.3f | is %.3f |%n",
                    number.number().title(),
                    number.stated(),
                    number.learnt(),
                    number.spread(),
                    number.number().of(truth.setup().light(truth.shaper())));
        }
    }

    private static Shaper shaper(String name) {
        return ReadyMade.kit().shapers().stream()
                .filter(shaper -> shaper.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static WallFrame taken(Shaper shaper, long seed) throws Exception {
        double below = TEST.mark(shaper).below();
        byte[] file = new PracticeWall(seed, Sensor.USUAL)
                .take(TEST, shaper, below, LocalDateTime.of(2026, 3, 4, 10, 11, 12));
        return new WallFrame(
                shaper,
                below,
                WallProfile.of(new FrameFile(PhotographFile.read(file).picture(), CameraSettings.UNTOLD)));
    }
}
