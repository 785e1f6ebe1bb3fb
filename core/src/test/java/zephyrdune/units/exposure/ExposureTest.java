package zephyrdune.units.exposure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** sRGB by IEC 61966-2-1; incident exposure by ISO 2720:1974. */
public class ExposureTest {

    /** Linear value and 8-bit code; 0.18 is 118 and 0.5 is 188 (IEC 61966-2-1, worked out by hand). */
    @DataProvider
    Object[][] codes() {
        return new Object[][] {{0.0, 0}, {0.18, 118}, {0.5, 188}, {1.0, 255}, {2.0, 255}, {-0.1, 0}, {0.0031308, 10}};
    }

    @Test(dataProvider = "codes")
    public void encodes(double linear, int code) {
        assertThat(Srgb.code(linear)).isEqualTo(code);
    }

    @Test
    public void decodingUndoesEncoding() {
        for (int code = 0; code <= 255; code++) {
            assertThat(Srgb.code(Srgb.decode(code / 255.0))).isEqualTo(code);
        }
    }

    @Test
    public void diffuseSurfaceHasItsReflectanceAsPixelValue() {
        assertThat(CorrectExposure.pixel(0.18 * 160 / Math.PI, CorrectExposure.at(8, 100)))
                .isCloseTo(0.18, within(1e-15));
        assertThat(CorrectExposure.pixel(0.9 * 80 / Math.PI, CorrectExposure.at(8, 100)))
                .isCloseTo(0.45, within(1e-15));
    }
}
