package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Evenness;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.emitter.Gaussian;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.distribution.GridCut;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sobol;

/** Uneven and directed faces against Gauss-Legendre quadrature (Hipparchus), on seeded random configurations. */
public class UnevenFaceTest {

    private static final double TWO_THOUSANDTHS_OF_A_STOP = 0.002;

    /** Below this share of what the even face gives, an error is counted against that share instead of the value. */
    private static final double DARK = 1e-2;

    private static final Distribution[] DISTRIBUTIONS = {
        CosinePower.LAMBERTIAN, new CosinePower(2.5), new CosinePower(12), new GridCut(0.8), new GridCut(2)
    };

    @Test
    public void agreesWithQuadratureOnEveryConfiguration() {
        Random random = new Random(2014);
        int counted = 0;
        double worst = 0;
        while (counted < 240) {
            Outline outline = Outline.values()[counted % 3];
            Distribution distribution = DISTRIBUTIONS[counted % DISTRIBUTIONS.length];
            double hotSpot = counted % 4 == 0 ? 0 : 4 * random.nextDouble();
            EmittingFace face = Faces.random(random, outline, hotSpot, distribution);
            Vector3D point = Faces.place(random);
            Vector3D normal = Faces.direction(random);
            double even = Illuminance.uniform(face).at(point, normal);
            double away = point.subtract(face.centre()).dot(face.front());
            if (away > 0.15 && even > 1e-3) {
                double expected = Quadrature.illuminance(face, point, normal);
                double got = Illuminance.of(face, Illuminance.FINE).at(point, normal);
                double off = expected > DARK * even
                        ? Math.abs(Stops.between(got, expected))
                        : Math.abs(got - expected) / (DARK * even) / Math.log(2);
                assertThat(off)
                        .as("stops off for %s at %s facing %s: %s, not %s", face, point, normal, got, expected)
                        .isLessThan(TWO_THOUSANDTHS_OF_A_STOP);
                worst = Math.max(worst, off);
                counted++;
            }
        }
        assertThat(worst).isGreaterThan(0);
    }

    @Test
    public void zoomHeadLightsItsRectangleAndNothingElse() {
        // 50 mm zoom: 39.6 by 27.0 degrees, 2 atan(36 / 2f) by 2 atan(24 / 2f)
        EmittingFace head = new EmittingFace(
                Outline.RECTANGLE,
                Vector3D.of(0, 0, 2),
                Vector3D.of(0.03, 0, 0),
                Vector3D.of(0, 0.02, 0),
                1,
                Evenness.EVEN,
                Coverage.ofZoom(0.05));
        Illuminance light = Illuminance.of(head, Illuminance.FINE);
        // on the axis as far away as this it is a point: I / d²
        assertThat(Stops.between(light.level(0, 0, 0), head.axialIntensity() / 4))
                .isCloseTo(0, within(1e-3));
        assertThat(light.level(2 * 0.36 - 0.05, 0, 0)).isPositive();
        assertThat(light.level(2 * 0.36 + 0.05, 0, 0)).isZero();
        assertThat(light.level(0, 2 * 0.24 - 0.05, 0)).isPositive();
        assertThat(light.level(0, 2 * 0.24 + 0.05, 0)).isZero();
    }

    @Test
    public void anEvenFaceComesOutAsTheClosedForm() {
        EmittingFace face = Faces.discOverhead(0.2, 0.1, 0.9, 0.3);
        double exact = Illuminance.uniform(face).level(0, 0, 0);
        assertThat(UnevenFace.of(face, Illuminance.FINE).level(0, 0, 0))
                .isCloseTo(exact, within(Illuminance.FINE * exact));
    }

    @Test
    public void hotterCentreIsBrighterUnderItsMiddleForTheSameFlux() {
        EmittingFace even = Faces.discOverhead(0, 0, 0.5, 0.3);
        EmittingFace hot = new EmittingFace(
                Outline.DISC,
                even.centre(),
                even.acrossHalf(),
                even.upHalf(),
                1
                        / new EmittingFace(
                                        Outline.DISC,
                                        even.centre(),
                                        even.acrossHalf(),
                                        even.upHalf(),
                                        1,
                                        new Gaussian(3),
                                        even.distribution())
                                .meanEvenness(),
                new Gaussian(3),
                even.distribution());
        assertThat(hot.flux()).isCloseTo(even.flux(), within(1e-12));
        assertThat(Illuminance.of(hot, Illuminance.FINE).level(0, 0, 0))
                .isGreaterThan(1.09 * Illuminance.of(even, Illuminance.FINE).level(0, 0, 0));
    }

    @Test
    public void whatPassesAHalfPlaneThroughTheMiddleIsHalf() {
        EmittingFace face = new EmittingFace(
                Outline.RECTANGLE,
                Vector3D.of(0, 0, 1),
                Vector3D.of(0.3, 0, 0),
                Vector3D.of(0, 0.3, 0),
                1,
                new Gaussian(2),
                CosinePower.LAMBERTIAN);
        Vector3D up = Vector3D.Unit.PLUS_Z;
        PassedShare passed = PassedShare.of(face, 1024);
        assertThat(passed.at(Vector3D.ZERO, up, Vector3D.Unit.PLUS_X)).isCloseTo(0.5, within(2e-3));
        assertThat(passed.at(Vector3D.ZERO, up, Vector3D.of(1, 0, 1))).isCloseTo(1, within(1e-12));
        assertThat(passed.at(Vector3D.ZERO, up.negate(), up)).isNaN();
    }

    @Test
    public void pointsAreEvenlySpread() {
        // every power of two of a Sobol sequence puts exactly as many points into each cell of an even division
        for (int count : new int[] {64, 1024}) {
            int side = (int) Math.sqrt(count);
            int[] cells = new int[count];
            for (int i = 0; i < count; i++) {
                int x = (int) (Sobol.first(i, 0) * side);
                int y = (int) (Sobol.second(i, 0) * side);
                cells[y * side + x]++;
            }
            assertThat(cells).containsOnly(1);
        }
    }

    @Test
    public void anglesAreThoseOfTheLibrary() {
        Random random = new Random(5);
        for (int i = 0; i < 200_000; i++) {
            double cross = Math.exp(8 * random.nextGaussian());
            double dot = (random.nextBoolean() ? 1 : -1) * Math.exp(8 * random.nextGaussian());
            double expected = Math.atan2(cross, dot);
            assertThat(Math.abs(Angle.of(cross, dot) - expected)).isLessThanOrEqualTo(3 * Math.ulp(expected));
        }
        assertThat(Angle.of(0, 2)).isZero();
        assertThat(Angle.of(0, -2)).isEqualTo(Math.PI);
        assertThat(Angle.of(3, 0)).isEqualTo(Math.PI / 2);
    }

    /** Faces and planes askew, whose share in view is counted over a fine grid of the face. */
    @Test
    public void whatPassesIsTheLightOfThePartInView() {
        Random random = new Random(31);
        for (int i = 0; i < 12; i++) {
            EmittingFace face =
                    Faces.random(random, Outline.RECTANGLE, 2 * random.nextDouble(), DISTRIBUTIONS[1 + i % 4]);
            Vector3D point = face.centre()
                    .add(face.front().multiply(0.8))
                    .add(Faces.place(random).multiply(0.2));
            Vector3D normal = face.centre()
                    .subtract(point)
                    .normalize()
                    .add(Faces.place(random).multiply(0.3))
                    .normalize();
            Vector3D open = Faces.direction(random);
            double all = 0;
            double seen = 0;
            for (int a = 0; a < 300; a++) {
                for (int b = 0; b < 300; b++) {
                    double across = (2 * a + 1) / 300.0 - 1;
                    double up = (2 * b + 1) / 300.0 - 1;
                    Vector3D ray = face.at(across, up).subtract(point);
                    Vector3D back = ray.multiply(-1 / ray.norm());
                    double given = Math.max(0, -back.dot(normal))
                            * face.luminance(across, up, back)
                            * Math.max(0, back.dot(face.front()))
                            / ray.normSq();
                    all += given;
                    seen += ray.dot(open) > 0 ? given : 0;
                }
            }
            assertThat(PassedShare.of(face, 4096).at(point, normal, open)).isCloseTo(seen / all, within(4e-3));
        }
    }
}
