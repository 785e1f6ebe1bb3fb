package zephyrdune.units.sampling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;

public class TurnTest {

    /** Against the library's own functions. */
    @Test
    public void quickCosineAndSineAreThoseOfTheAngle() {
        for (int i = 0; i <= 100_000; i++) {
            double share = i / 100_000.0;
            assertThat(Turn.cosine(share)).isCloseTo(Math.cos(2 * Math.PI * share), within(1e-13));
            assertThat(Turn.sine(share)).isCloseTo(Math.sin(2 * Math.PI * share), within(1e-13));
        }
    }
}
