package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

public class PracticeKitTest {

    private static TableSet set() throws Exception {
        return SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
    }

    /** Somebody who states of the flash what it really gives finds it gives that. */
    @Test
    public void theKitStaysWhatItIs() throws Exception {
        TableSet set = set();
        PracticeKit kit = new PracticeKit(9);
        HiddenTruth first = kit.against(set);
        assertThat(first).isEqualTo(HiddenTruth.drawn(9, set.light()));
        TableSet stronger =
                set.withLight(set.light().withSource(set.light().source().scaled(2)));
        assertThat(kit.against(stronger).dimmer()).isCloseTo(first.dimmer() + 1, within(1e-9));
        TableSet brighter =
                set.withAmbient(set.ambient().withIlluminance(2 * set.ambient().illuminance()));
        assertThat(kit.against(brighter).room()).isCloseTo(first.room() - 1, within(1e-9));
        assertThat(kit.against(set)).isEqualTo(first);
    }
}
