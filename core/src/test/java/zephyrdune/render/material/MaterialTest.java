package zephyrdune.render.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.surface.Finish;
import zephyrdune.set.surface.Finish.Sheen;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.OutOfLimits;

/** Mirrors and glass against closed forms, rough mirrors against numerical integration (Gauss-Legendre of Hipparchus). */
public class MaterialTest {

    private static final GaussIntegratorFactory GAUSS = new GaussIntegratorFactory();

    /** Closed forms for crown glass of index 1.5, as in any optics handbook (Hecht, Optics; values from memory). */
    @Test
    public void fresnelAtTheAnglesThatHandbooksGive() {
        assertThat(Fresnel.mirrored(1, 1.5)).isCloseTo(0.04, within(1e-12));
        assertThat(Fresnel.mirrored(1, 1.333)).isCloseTo(Math.pow(0.333 / 2.333, 2), within(1e-12));
        // Brewster's angle, 56.31 degrees: nothing of one polarisation, sin²(i - t) of the other
        double brewster = Math.atan(1.5);
        assertThat(Math.toDegrees(brewster)).isCloseTo(56.31, within(0.005));
        double bent = Math.asin(Math.sin(brewster) / 1.5);
        assertThat(Fresnel.mirrored(Math.cos(brewster), 1.5))
                .isCloseTo(Math.pow(Math.sin(brewster - bent), 2) / 2, within(1e-12));
        // grazing light is mirrored whole
        assertThat(Fresnel.mirrored(0, 1.5)).isCloseTo(1, within(1e-12));
        // from inside, all is mirrored from 41.81 degrees on
        assertThat(Fresnel.mirrored(Math.cos(Math.toRadians(41.82)), 1 / 1.5)).isEqualTo(1);
        assertThat(Fresnel.mirrored(Math.cos(Math.toRadians(41.80)), 1 / 1.5)).isLessThan(1);
    }

    /** Snell: sin i = n sin t. */
    @Test
    public void snellsLaw() {
        for (double degrees = 1; degrees < 90; degrees += 4) {
            double in = Math.toRadians(degrees);
            double out = Math.acos(Fresnel.cosineBeyond(Math.cos(in), 1.52));
            assertThat(1.52 * Math.sin(out)).isCloseTo(Math.sin(in), within(1e-12));
            // the way back is as mirrored as the way in
            assertThat(Fresnel.mirrored(Math.cos(out), 1 / 1.52))
                    .isCloseTo(Fresnel.mirrored(Math.cos(in), 1.52), within(1e-12));
        }
    }

    /** Diffuse reflectance of a boundary of index 1.5 from outside: 0.092 (Judd 1942 by way of later tables; from memory). */
    @Test
    public void diffuseFresnel() {
        assertThat(Fresnel.meanMirrored(1.5)).isCloseTo(0.0918, within(0.0005));
        GaussIntegrator rule = GAUSS.legendre(200, 0, 1);
        for (double index : new double[] {1.1, 1.333, 1.5, 2}) {
            assertThat(Fresnel.meanMirrored(index))
                    .isCloseTo(rule.integrate(c -> 2 * c * Fresnel.mirrored(c, index)), within(1e-5));
        }
    }

    @DataProvider
    Object[][] widths() {
        return new Object[][] {{0.01}, {0.05}, {0.2}, {0.5}, {1.0}};
    }

    /** Facets cover the surface once: the integral of D cos over the half sphere is 1 (Walter and others 2007, eq. 4). */
    @Test(dataProvider = "widths")
    public void facetsCoverTheSurface(double alpha) {
        // over t = tan of the angle, which the distribution is narrow in
        double sum = 0;
        int steps = 400_000;
        for (int i = 0; i < steps; i++) {
            double angle = Math.atan(alpha * Math.tan(Math.PI / 2 * (i + 0.5) / steps));
            double next = Math.atan(alpha * Math.tan(Math.PI / 2 * Math.min(1 - 1e-12, (i + 1.0) / steps)));
            double before = Math.atan(alpha * Math.tan(Math.PI / 2 * i / steps));
            double cosine = Math.cos(angle);
            sum += 2 * Math.PI * Ggx.density(cosine, alpha) * cosine * Math.sin(angle) * (next - before);
        }
        assertThat(sum).isCloseTo(1, within(1e-4));
    }

    /** What is mirrored in all directions: sampled by facets, and integrated over a grid; never more than arrives. */
    @Test(dataProvider = "widths")
    public void roughMirrorsSendBackNoMoreThanTheyGet(double alpha) {
        Random random = new Random(3);
        double[] facet = new double[3];
        for (double out : new double[] {0.15, 0.4, 0.8, 1}) {
            double vx = Math.sqrt(1 - out * out);
            double sampled = 0;
            int samples = 200_000;
            for (int i = 0; i < samples; i++) {
                Ggx.sampleVisibleNormal(vx, 0, out, alpha, random.nextDouble(), random.nextDouble(), facet);
                double cosine = facet[0] * vx + facet[2] * out;
                double in = 2 * cosine * facet[2] - out;
                assertThat(facet[0] * facet[0] + facet[1] * facet[1] + facet[2] * facet[2])
                        .isCloseTo(1, within(1e-9));
                sampled += in <= 0 ? 0 : Ggx.g2(in, out, alpha) / Ggx.g1(out, alpha) / samples;
            }
            assertThat(sampled).isBetween(0.3, 1.0 + 1e-9);
            if (alpha >= 0.2) {
                assertThat(sampled).isCloseTo(integrated(alpha, out), within(0.004));
            }
        }
    }

    /** Directional albedo of the rough mirror, with everything mirrored at each facet. */
    private static double integrated(double alpha, double out) {
        double vx = Math.sqrt(1 - out * out);
        GaussIntegrator upright = GAUSS.legendre(256, 0, 1);
        GaussIntegrator round = GAUSS.legendre(256, 0, 2 * Math.PI);
        return upright.integrate(in -> round.integrate(turn -> {
            double level = Math.sqrt(1 - in * in);
            double hx = vx + level * Math.cos(turn);
            double hy = level * Math.sin(turn);
            double hz = out + in;
            double facet = hz / Math.sqrt(hx * hx + hy * hy + hz * hz);
            return Ggx.density(facet, alpha) * Ggx.g2(in, out, alpha) / (4 * out);
        }));
    }

    @Test
    public void beerLambert() {
        assertThat(Material.passed(Medium.CORDIAL, 2, 0.01)).isCloseTo(0.89, within(1e-12));
        assertThat(Material.passed(Medium.CORDIAL, 2, 0.03)).isCloseTo(0.89 * 0.89 * 0.89, within(1e-12));
        assertThat(Material.passed(null, 0, 5)).isEqualTo(1);
    }

    @Test
    public void aReliefKeepsItsMean() {
        Grain grain = new Grain();
        for (Surface surface : Surface.values()) {
            double tone = 0;
            double nx = 0;
            int places = 40_000;
            Random random = new Random(5);
            for (int i = 0; i < places; i++) {
                grain.at(surface.relief(), 4, random.nextDouble() - 0.5, random.nextDouble() - 0.5, 0, 0, 0, 1);
                tone += grain.tone(surface.relief()) / places;
                nx += grain.nx() / places;
                assertThat(grain.nz()).isBetween(0.0, 1.0);
            }
            assertThat(tone).as(surface + " tone").isCloseTo(1, within(0.12));
            assertThat(nx).as(surface + " lean").isCloseTo(0, within(0.03));
        }
    }

    @Test
    public void nonsenseIsRefused() {
        assertThatThrownBy(() -> new Finish(Sheen.COATED, Double.NaN, 1.5, 0, 0))
                .isInstanceOf(OutOfLimits.class);
        assertThatThrownBy(() -> new Finish(Sheen.COATED, 0.2, 0.5, 0, 0)).isInstanceOf(OutOfLimits.class);
    }
}
