package zephyrdune.answers.tone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;
import zephyrdune.units.measure.Refused;

public class ToneCurveTest {

    private static final ToneCurve STEEP = new ToneCurve(IntStream.range(0, 256)
            .mapToObj(code -> Srgb.decode(118 / 255.0) * Math.pow(code / 118.0, 3))
            .toList());

    @Test
    public void whatACameraWritesIsReadAsTheLightThatItWas() {
        for (double light : new double[] {0.002, 0.02, 0.18, 0.7, 1.5}) {
            Picture written = STEEP.written(grey(light));
            assertThat(STEEP.luminance(written, 0)).isCloseTo(light, within(0.004 * light));
        }
    }

    @Test
    public void asSrgbAFileIsWhatItSays() {
        for (double light : new double[] {0.001, 0.05, 0.18, 0.9}) {
            assertThat(ToneCurve.SRGB.luminance(grey(light), 0)).isCloseTo(light, within(2e-3 * light));
        }
    }

    @Test
    public void midGreyIsTheSameCode() {
        assertThat(STEEP.stops(118)).isCloseTo(ToneCurve.SRGB.stops(118), within(1e-12));
        assertThat(ToneCurve.SRGB.stops(118)).isCloseTo(0, within(0.01));
    }

    @Test
    public void lightBeyondTheEndsIsTheEnds() {
        assertThat(STEEP.luminance(STEEP.written(grey(100)), 0)).isCloseTo(STEEP.white(), within(1e-6));
        assertThat(STEEP.luminance(STEEP.written(grey(0)), 0)).isZero();
    }

    @Test
    public void aCurveThatDoesNotRiseIsRefused() {
        List<Double> flat = new ArrayList<>(ToneCurve.SRGB.linear());
        flat.set(100, flat.get(99));
        assertThatThrownBy(() -> new ToneCurve(flat))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("rises");
        assertThatThrownBy(() -> new ToneCurve(flat.subList(0, 255)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("256 values");
    }

    private static Picture grey(double light) {
        return new Picture(1, 1, new float[] {(float) light, (float) light, (float) light});
    }
}
