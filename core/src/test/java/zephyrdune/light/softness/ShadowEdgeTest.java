package zephyrdune.light.softness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Evenness;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.emitter.Gaussian;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Tube;

/** Soft edges against similar triangles and against the areas of the parts of a face. */
public class ShadowEdgeTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;
    private static final Vector3D X = Vector3D.Unit.PLUS_X;
    private static final Vector3D Y = Vector3D.Unit.PLUS_Y;

    /** A face of half size (x, y) level at height 1 over the origin, past an edge along y at height b, onto the table. */
    private static ShadowEdge level(Outline outline, double x, double y, double b, double hotSpot) {
        EmittingFace face = new EmittingFace(
                outline,
                Vector3D.of(0, 0, 1),
                Vector3D.of(x, 0, 0),
                Vector3D.of(0, y, 0),
                1,
                new Gaussian(hotSpot),
                CosinePower.LAMBERTIAN);
        return new ShadowEdge(face, Vector3D.of(0, 0, b), Y, Vector3D.ZERO, X, UP);
    }

    /** Outline, size across, height of the edge. */
    @DataProvider
    Object[][] level() {
        return new Object[][] {
            {Outline.RECTANGLE, 0.3, 0.1},
            {Outline.DISC, 0.3, 0.1},
            {Outline.OCTAGON, 0.3, 0.1},
            {Outline.DISC, 0.02, 0.5},
            {Outline.RECTANGLE, 1.5, 0.02}
        };
    }

    @Test(dataProvider = "level")
    public void widthIsSizeTimesBelowOverAbove(Outline outline, double size, double b) {
        ShadowEdge edge = level(outline, size / 2, size / 2, b, 0);
        assertThat(edge.width()).isCloseTo(size * b / (1 - b), within(1e-12));
        double[] ends = edge.ends();
        assertThat(ends[0]).isCloseTo(-ends[1], within(1e-12));
    }

    /** The share of the size between a tenth and nine tenths of a face's area, cut by a straight line. */
    @DataProvider
    Object[][] tenToNinety() {
        double disc =
                new BrentSolver(1e-12).solve(100, t -> (Math.acos(t) - t * Math.sqrt(1 - t * t)) / Math.PI - 0.1, 0, 1);
        // octagon across flats 2: the end strip is a trapezoid, (2 tan(22.5) + d) d = a tenth of the area
        double tan = Math.tan(Math.PI / 8);
        double octagon = 1 - (-tan + Math.sqrt(tan * tan + 0.8 * tan));
        return new Object[][] {{Outline.RECTANGLE, 0.8}, {Outline.DISC, disc}, {Outline.OCTAGON, octagon}};
    }

    @Test(dataProvider = "tenToNinety")
    public void edgeAsSeenIsByTheAreaThatHasComeIntoView(Outline outline, double share) {
        // a small face straight above: light goes with the area in view
        ShadowEdge edge = level(outline, 0.01, 0.01, 0.3, 0);
        assertThat(edge.tenToNinety().orElseThrow() / edge.width()).isCloseTo(share, within(1e-3));
    }

    @Test
    public void discCircularSegment() {
        // 10 to 90 % of a disc lie within 0.687 of its width: circular segment of a tenth of the area
        ShadowEdge edge = level(Outline.DISC, 0.01, 0.01, 0.3, 0);
        assertThat(edge.tenToNinety().orElseThrow() / edge.width()).isCloseTo(0.687, within(1e-3));
    }

    @Test
    public void hotCentreHardensTheEdgeThatIsSeen() {
        double even = level(Outline.RECTANGLE, 0.3, 0.3, 0.1, 0).tenToNinety().orElseThrow();
        double hot = level(Outline.RECTANGLE, 0.3, 0.3, 0.1, 3).tenToNinety().orElseThrow();
        assertThat(hot).isLessThan(0.75 * even);
        assertThat(level(Outline.RECTANGLE, 0.3, 0.3, 0.1, 3).width())
                .isCloseTo(level(Outline.RECTANGLE, 0.3, 0.3, 0.1, 0).width(), within(1e-12));
        // a bell exp(-k x²) over the width: a tenth lies beyond erf(x sqrt k) = 0.8 erf(sqrt k), face far away
        double k = 3 * Math.log(2);
        double x = new BrentSolver(1e-12)
                .solve(
                        100,
                        t -> org.hipparchus.special.Erf.erf(t * Math.sqrt(k))
                                - 0.8 * org.hipparchus.special.Erf.erf(Math.sqrt(k)),
                        0,
                        1);
        ShadowEdge far = level(Outline.RECTANGLE, 0.01, 0.01, 0.3, 3);
        assertThat(far.tenToNinety().orElseThrow() / far.width()).isCloseTo(x, within(0.01));
    }

    /**
     * Behind tubes a place sees a round part of the face, weighted by the overlap of two circles: light spread as by two points taken at
     * random from two discs. Ten to ninety percent of that, times what lies below the edge. Derived; no published source.
     */
    @Test
    public void behindNarrowTubesTheEdgeIsThatOfTheirBeam() {
        double openness = 0.08;
        double below = 0.1;
        EmittingFace face = new EmittingFace(
                Outline.RECTANGLE,
                Vector3D.of(0, 0, 1),
                Vector3D.of(0.4, 0, 0),
                Vector3D.of(0, 0.4, 0),
                1,
                Evenness.EVEN,
                new Tube(1, openness));
        ShadowEdge edge = new ShadowEdge(face, Vector3D.of(0, 0, below), Y, Vector3D.ZERO, X, UP);
        double half = openness / 2;
        double low = new BrentSolver(1e-9).solve(100, t -> below(t, half) - 0.1, -openness, 0);
        assertThat(edge.tenToNinety().orElseThrow() / (-2 * low * below)).isCloseTo(1, within(0.02));
    }

    /** The chance that two points of discs so large lie at less than {@code t}, added up along one axis. */
    private static double below(double t, double radius) {
        int steps = 4000;
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            double x = radius * (2 * (i + 0.5) / steps - 1);
            double chord = 2 / (Math.PI * radius * radius) * Math.sqrt(radius * radius - x * x);
            double rest = Math.max(-radius, Math.min(radius, t - x)) / radius;
            double share = 0.5 + (rest * Math.sqrt(1 - rest * rest) + Math.asin(rest)) / Math.PI;
            sum += chord * share * 2 * radius / steps;
        }
        return sum;
    }

    @Test
    public void openGoesFromNothingToAll() {
        ShadowEdge edge = level(Outline.DISC, 0.1, 0.1, 0.2, 0);
        double[] ends = edge.ends();
        assertThat(edge.open(ends[0] - 1e-6)).isZero();
        assertThat(edge.open(ends[1] + 1e-6)).isCloseTo(1, within(1e-12));
        assertThat(edge.open(0)).isCloseTo(0.5, within(1e-3));
        double before = 0;
        for (double at = ends[0]; at <= ends[1]; at += 0.001) {
            assertThat(edge.open(at)).isGreaterThanOrEqualTo(before - 1e-12);
            before = edge.open(at);
        }
    }

    @Test
    public void onASlantedSurfaceItIsLongerByTheSine() {
        // a distant face along the direction (0, 0, 1); the surface slopes down along x by 60 degrees
        EmittingFace face = Faces.discOverhead(0, 0, 100, 1);
        Vector3D down = Vector3D.of(0.5, 0, -Math.sqrt(0.75));
        Vector3D normal = Vector3D.of(Math.sqrt(0.75), 0, 0.5);
        ShadowEdge edge = new ShadowEdge(face, Vector3D.of(0, 0, 0.2), Y, Vector3D.ZERO, down, normal);
        double square = 2 * 0.2 / 99.8;
        assertThat(edge.width()).isCloseTo(square / 0.5, within(square * 0.02));
    }

    @Test
    public void noEndWhereTheFaceReachesBelowTheEdge() {
        EmittingFace upright = Faces.rectangle(Vector3D.of(-1, 0, 0.3), Vector3D.of(0, 0.3, 0), Vector3D.of(0, 0, 0.3));
        ShadowEdge edge = new ShadowEdge(upright, Vector3D.of(0, 0, 0.1), Y, Vector3D.ZERO, X, UP);
        assertThat(edge.width()).isInfinite();
        assertThat(edge.tenToNinety().orElseThrow()).isInfinite();
        EmittingFace disc =
                Faces.even(Outline.DISC, Vector3D.of(-1, 0, 0.3), Vector3D.of(0, 0.3, 0), Vector3D.of(0, 0, 0.3));
        assertThat(new ShadowEdge(disc, Vector3D.of(0, 0, 0.1), Y, Vector3D.ZERO, X, UP).width())
                .isInfinite();
    }

    @Test
    public void tangentsOfATiltedDiscAreThoseOfAPolygonWithManySides() {
        EmittingFace disc = Faces.even(
                Outline.DISC, Vector3D.of(-0.8, 0.1, 0.9), Vector3D.of(0.05, 0.3, 0), Vector3D.of(-0.2, 0.0333, 0.226));
        ShadowEdge edge = new ShadowEdge(disc, Vector3D.of(0, 0, 0.1), Y, Vector3D.of(0.1, 0, 0), X, UP);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < 100_000; i++) {
            double turn = 2 * Math.PI * i / 100_000;
            double at = edge.meets(disc.at(Math.cos(turn), Math.sin(turn)));
            least = Math.min(least, at);
            most = Math.max(most, at);
        }
        assertThat(edge.ends()[0]).isCloseTo(least, within(1e-8));
        assertThat(edge.ends()[1]).isCloseTo(most, within(1e-8));
    }

    @Test
    public void solidAngles() {
        // a square of half side a at height h over its middle: 4 asin(a² / (a² + h²)); a disc: 2 pi (1 - cos)
        double a = 0.3;
        double h = 0.9;
        ApparentSize square = ApparentSize.from(
                Vector3D.ZERO, Faces.rectangle(Vector3D.of(0, 0, h), Vector3D.of(a, 0, 0), Vector3D.of(0, a, 0)));
        assertThat(square.solidAngle()).isCloseTo(4 * Math.asin(a * a / (a * a + h * h)), within(1e-12));
        ApparentSize disc = ApparentSize.from(Vector3D.ZERO, Faces.discOverhead(0, 0, h, a));
        double expected = 2 * Math.PI * (1 - h / Math.hypot(a, h));
        assertThat(disc.solidAngle()).isCloseTo(expected, within(1e-5 * expected));
        // a face right before the eye fills half of all directions
        assertThat(ApparentSize.from(Vector3D.ZERO, Faces.discOverhead(0, 0, 1e-4, 1))
                        .solidAngle())
                .isCloseTo(2 * Math.PI, within(2e-3));
    }

    @Test
    public void theNearerOfTwoEqualFacesIsSofter() {
        double near = level(Outline.DISC, 0.3, 0.3, 0.1, 0).tenToNinety().orElseThrow();
        EmittingFace farther = Faces.discOverhead(0, 0, 1.6, 0.3);
        double far = new ShadowEdge(farther, Vector3D.of(0, 0, 0.1), Y, Vector3D.ZERO, X, UP)
                .tenToNinety()
                .orElseThrow();
        assertThat(near).isGreaterThan(1.5 * far);
    }

    @Test
    public void tangentsHoldInAnyPose() {
        Random random = new Random(77);
        for (int i = 0; i < 50; i++) {
            EmittingFace disc = Faces.random(random, Outline.DISC, 0, CosinePower.LAMBERTIAN);
            Vector3D along = Vector3D.of(random.nextGaussian(), 1, 0).normalize();
            ShadowEdge edge = new ShadowEdge(disc, Vector3D.of(0.1, 0, -3), along, Vector3D.of(0.3, 0.2, -4), X, UP);
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < 20_000; k++) {
                double turn = 2 * Math.PI * k / 20_000;
                double at = edge.meets(disc.at(Math.cos(turn), Math.sin(turn)));
                least = Math.min(least, at);
                most = Math.max(most, at);
            }
            if (Double.isFinite(edge.width()) && edge.width() < 5) {
                assertThat(edge.ends()[0]).isCloseTo(least, within(1e-6));
                assertThat(edge.ends()[1]).isCloseTo(most, within(1e-6));
            }
        }
    }
}
