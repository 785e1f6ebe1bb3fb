package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.HandMeter;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

/** What the practice meter shows, read as a real one's: the light comes out as it is. */
public class PracticeMeterTest {

    private TableSet set;

    @BeforeClass
    public void read() throws Exception {
        set = SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
    }

    private double off(HiddenTruth truth, HandMeter.Kind kind) {
        HandMeter shown = new PracticeMeter(truth).read(set, kind);
        return FrameReading.of(set, set, shown).patches().get(0).off().orElseThrow();
    }

    /** To a twentieth of a stop, half of the tenth it shows, and what the prediction is sure to. */
    @Test
    public void itShowsTheLightAsItIs() {
        assertThat(off(HiddenTruth.NONE, HandMeter.Kind.F_NUMBER)).isCloseTo(0, within(0.08));
        HiddenTruth dim = new HiddenTruth(-0.5, 0.2, 0, 0, 0, 0, 0);
        assertThat(off(dim, HandMeter.Kind.F_NUMBER)).isCloseTo(-0.7, within(0.1));
        HiddenTruth brightRoom = new HiddenTruth(0, 0, 0, 0, 0, 0, 0.6);
        assertThat(off(brightRoom, HandMeter.Kind.LUX)).isCloseTo(0.6, within(0.08));
        assertThat(off(brightRoom, HandMeter.Kind.EXPOSURE_VALUE)).isCloseTo(0.6, within(0.08));
    }
}
