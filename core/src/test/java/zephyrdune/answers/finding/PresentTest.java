package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static zephyrdune.set.Sets.box;

import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;

/** What is looked for by kind alone. */
public class PresentTest {

    private final TableSet plain = Sets.lit(box(0.5, 0.5, 9, 45, 1.2));
    private final TableSet tooFast = plain.withExposure(plain.exposure().withShutter(1 / 500.0));

    @Test
    public void ofTheKindsAskedForThoseThatAreThere() {
        String words = Finding.of(tooFast, Finding.Kind.SHUTTER_BEYOND_SYNC)
                .orElseThrow()
                .words();
        assertThat(Finding.present(tooFast, Finding.Kind.allRuinous()))
                .isEqualTo(Map.of(Finding.Kind.SHUTTER_BEYOND_SYNC, words));
        assertThat(Finding.present(tooFast, Set.of(Finding.Kind.HOT_SPOT))).isEmpty();
        assertThat(Finding.present(tooFast, Set.of())).isEmpty();
        assertThat(Finding.present(plain, Finding.Kind.allRuinous())).isEmpty();
    }

    /** A shutter that cuts the frame ruins any picture; blocked shadows are what a dark one is made of. */
    @Test
    public void someKindsRuinAnyPicture() {
        assertThat(Finding.Kind.SHUTTER_BEYOND_SYNC.ruinous()).isTrue();
        assertThat(Finding.Kind.BLOCKED.ruinous()).isFalse();
        assertThat(Finding.Kind.allRuinous()).allMatch(Finding.Kind::ruinous).hasSize(7);
        Finding.Kind.allRuinous().clear();
        assertThat(Finding.Kind.allRuinous()).hasSize(7);
    }
}
