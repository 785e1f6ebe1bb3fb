package zephyrdune.render.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.Test;
import zephyrdune.set.surface.Surface;

/** The way of light under a surface against the profile as published, integrated by Gauss-Legendre of Hipparchus. */
public class DiffusionTest {

    private static final double FREE_PATH = 0.001;

    /**
     * R(r) = A s (e^(-s r / l) + e^(-s r / 3 l)) / (8 pi l r) with s = 1.9 - A + 3.5 (A - 0.8)² (Christensen and Burley 2015, equations 3
     * and 6; from memory), for A = 1 here, as the colour counts elsewhere.
     */
    private static double profile(double r, double albedo) {
        double s = 1.9 - albedo + 3.5 * Math.pow(albedo - 0.8, 2);
        return s * (Math.exp(-s * r / FREE_PATH) + Math.exp(-s * r / 3 / FREE_PATH)) / (8 * Math.PI * FREE_PATH * r);
    }

    @Test
    public void asMuchComesOutWithinADistanceAsTheProfileSays() {
        for (double albedo : new double[] {0.2, 0.5, 0.8, 0.95}) {
            Diffusion diffusion = Diffusion.of(FREE_PATH, albedo);
            for (double far : new double[] {0.0002, 0.001, 0.003, 0.01}) {
                GaussIntegrator rule = new GaussIntegratorFactory().legendre(60, 0, far);
                double share = rule.integrate(r -> 2 * Math.PI * r * profile(r, albedo));
                assertThat(diffusion.within(far)).as("%s, %s", albedo, far).isCloseTo(share, within(1e-9));
            }
            assertThat(diffusion.within(1)).isCloseTo(1, within(1e-12));
        }
    }

    /** Of evenly spaced numbers as many come out within a distance as should. */
    @Test
    public void distancesAreAsLikelyAsSaid() {
        Diffusion diffusion = Diffusion.of(FREE_PATH, 0.6);
        int numbers = 100_000;
        int[] within = new int[3];
        double[] bounds = {0.0005, 0.002, 0.006};
        double mean = 0;
        for (int i = 0; i < numbers; i++) {
            double radius = diffusion.radius((i + 0.5) / numbers);
            mean += radius / numbers;
            for (int k = 0; k < 3; k++) {
                within[k] += radius < bounds[k] ? 1 : 0;
            }
        }
        for (int k = 0; k < 3; k++) {
            assertThat(within[k] / (double) numbers).isCloseTo(diffusion.within(bounds[k]), within(2e-5));
        }
        assertThat(mean).isCloseTo(diffusion.meanRadius(), within(0.001 * mean));
        // the mean of the two exponentials, for A = 0.6: s = 1.44
        assertThat(diffusion.meanRadius()).isCloseTo(2.5 * FREE_PATH / 1.44, within(1e-15));
    }

    @Test
    public void onlyWhatLightGetsInto() {
        assertThat(Material.of(Surface.CREAM).diffusion()).isNotNull();
        assertThat(Material.of(Surface.GREY_PAPER).diffusion()).isNull();
        assertThat(Material.of(Surface.STEEL).diffusion()).isNull();
    }
}
