package zephyrdune.answers.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.units.geometry.Jacobian;

public class EdgeFitTest {

    private static final int LINES = 9;
    private static final int ALONG = 81;

    /** Width, middle, slant, shade, lit, brightening. */
    private static final double[] EDGE = {0.31, 0.47, 0.2, 0.15, 0.62, 0.12};

    @DataProvider
    public Object[] shapes() {
        return EdgeShape.values();
    }

    @Test(dataProvider = "shapes")
    public void findsTheEdgeThatLightWasMadeOf(EdgeShape shape) {
        double[] all = EdgeFit.model(EDGE, shape, LINES, ALONG).getFirst().toArray();
        double[][] light = new double[LINES][ALONG];
        for (int i = 0; i < all.length; i++) {
            light[i / ALONG][i % ALONG] = all[i];
        }
        EdgeFit found = EdgeFit.of(light, shape);
        assertThat(found.width()).isCloseTo(EDGE[0], within(1e-6));
        assertThat(found.middle()).isCloseTo(EDGE[1], within(1e-6));
        assertThat(found.slant()).isCloseTo(EDGE[2], within(1e-6));
        assertThat(found.shade()).isCloseTo(EDGE[3], within(1e-6));
        assertThat(found.lit()).isCloseTo(EDGE[4], within(1e-6));
        assertThat(found.uneven()).isCloseTo(0, within(1e-6));
    }

    /** Against central differences, but where a place lies at an end of the edge: there light has a bend. */
    @Test(dataProvider = "shapes")
    public void slopesAreThoseOfTheLight(EdgeShape shape) {
        double[][] slopes = EdgeFit.model(EDGE, shape, LINES, ALONG).getSecond().getData();
        double[][] differences = Jacobian.of(
                at -> EdgeFit.model(at, shape, LINES, ALONG).getFirst().toArray(), EDGE);
        for (int i = 0; i < slopes.length; i++) {
            double out = i % ALONG / (ALONG - 1.0) - EDGE[1] - EDGE[2] * EdgeFit.beside(i / ALONG, LINES);
            if (Math.abs(Math.abs(2 * out / EDGE[0]) - 1) > 0.05) {
                for (int unknown = 0; unknown < EDGE.length; unknown++) {
                    assertThat(slopes[i][unknown])
                            .as("unknown %d", unknown)
                            .isCloseTo(differences[i][unknown], within(1e-5));
                }
            }
        }
    }

    /** The area of a circle's segment as every handbook has it: r² (acos(d / r) - d / r sqrt(1 - d² / r²)). */
    @Test
    public void aDiscComesIntoViewAsItsSegmentsGrow() {
        assertThat(EdgeShape.DISC.share(-0.5))
                .isCloseTo(Math.acos(0.5) / Math.PI - 0.5 * Math.sqrt(0.75) / Math.PI, within(1e-12));
        assertThat(EdgeShape.DISC.share(0)).isCloseTo(0.5, within(1e-12));
        assertThat(EdgeShape.SQUARE.share(-0.5)).isCloseTo(0.25, within(1e-12));
    }
}
