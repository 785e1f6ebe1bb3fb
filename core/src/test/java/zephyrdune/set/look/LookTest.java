package zephyrdune.set.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.units.measure.Refused;

public class LookTest {

    private static NamedLook look(Band... bands) {
        return new NamedLook("Ours", "why", "use", List.of(bands));
    }

    @Test
    public void bandUpsideDownIsRefused() {
        assertThatThrownBy(() -> new HeightBand(1, 0.5))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("ends before it begins");
    }

    @Test
    public void lookWithoutABandIsRefused() {
        assertThatThrownBy(LookTest::look).isInstanceOf(Refused.class).hasMessageContaining("between 1 and 12");
    }

    @Test
    public void twoBandsOfOneAspectAreRefused() {
        assertThatThrownBy(() -> look(new SizeBand(0, 1), new EdgeBand(0, 1), new SizeBand(1, 2)))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo("bands[2]"))
                .hasMessageContaining("two bands for “Size to distance”");
    }

    /** A light as large as it is far throws, by similar triangles, an edge at least as wide as what throws it is high. */
    @Test
    public void bandsThatCannotBeTogetherAreNamed() {
        assertThatThrownBy(() -> look(new SizeBand(1, 2), new EdgeBand(0, 0.2)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("“Shadow edge” up to 0.20")
                .hasMessageContaining("“Size to distance” from 1.00");
    }

    @Test
    public void stepsAreWhatOneBeginsToMind() {
        assertThat(Aspect.CONTRAST.steps(1, 2)).isCloseTo(3, within(1e-12));
        assertThat(Aspect.DIRECTION.steps(0, Math.PI / 6)).isCloseTo(2, within(1e-12));
        assertThat(Aspect.EDGE.steps(0.5, 1)).isCloseTo(2.5, within(1e-12));
        assertThat(Aspect.EDGE.steps(1, 0.5)).isCloseTo(-2.5, within(1e-12));
        assertThat(Aspect.EDGE.steps(0, 0)).isZero();
    }

    @Test
    public void nineReadyLooksOfTheirOwnNames() {
        assertThat(new Lookbook(ReadyLooks.all()).looks()).hasSize(9);
        assertThatThrownBy(() -> new Lookbook(List.of(look(new BiasBand(0, 1)), look(new BiasBand(0, 2)))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("There is a “Ours” already");
    }
}
