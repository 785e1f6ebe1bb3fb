package zephyrdune.render.lens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;

/** Depth of field against the textbook's thin-lens relations and by tracing the blur itself. */
public class DepthOfFieldTest {

    private static final double CIRCLE = 0.03e-3;

    @Test
    public void hyperfocalDistance() {
        // handbook example: 50 mm at f/8, c = 0.03 mm: 0.05² / (8 x 0.00003) + 0.05 = 10.47 m
        assertThat(DepthOfField.hyperfocal(0.05, 8, CIRCLE)).isCloseTo(10.467, within(5e-4));
        // focused there, all is sharp from half of it to infinity
        DepthOfField depth = DepthOfField.of(0.05, 8, CIRCLE, DepthOfField.hyperfocal(0.05, 8, CIRCLE));
        assertThat(depth.near()).isCloseTo(10.467 / 2, within(5e-4));
        assertThat(depth.far()).isInfinite();
    }

    @Test
    public void blurAtBothLimitsIsTheCircle() {
        // thin lens: image of u at f u / (u - f); the cone of aperture f / N meets the film plane as a disc
        double f = 0.085;
        double n = 11;
        double s = 1.2;
        DepthOfField depth = DepthOfField.of(f, n, CIRCLE, s);
        double film = f * s / (s - f);
        for (double u : new double[] {depth.near(), depth.far()}) {
            double image = f * u / (u - f);
            assertThat(Math.abs(film - image) / image * f / n).isCloseTo(CIRCLE, within(1e-12));
        }
        assertThat(depth.near()).isLessThan(s);
        assertThat(depth.far()).isGreaterThan(s);
    }

    @Test
    public void closeUpFormula() {
        // 2 N c (1 + m) / m² for depths small against the distance (common practice)
        double f = 0.1;
        double m = 0.25;
        double s = f * (1 + 1 / m);
        double depth = DepthOfField.of(f, 8, CIRCLE, s).depth();
        assertThat(depth).isCloseTo(2 * 8 * CIRCLE * (1 + m) / (m * m), within(depth * 1e-3));
    }

    @Test
    public void circleOfTheSensor() {
        // a 1500th of the diagonal: 0.029 mm for 24 x 36 mm (common practice, no published source)
        assertThat(DepthOfField.circle(0.036, 0.024)).isCloseTo(0.0288e-3, within(1e-7));
    }
}
