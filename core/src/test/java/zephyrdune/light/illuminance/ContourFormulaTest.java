package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.units.measure.Stops;

/** The contour formula against closed forms of Howell's catalogue and against Gauss-Legendre quadrature (Hipparchus). */
public class ContourFormulaTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** A face of luminance 1 over the origin at height h, facing down, from (x0, y0) to (x1, y1). */
    private static EmittingFace overhead(double x0, double x1, double y0, double y1, double h) {
        return Faces.rectangle(
                Vector3D.of((x0 + x1) / 2, (y0 + y1) / 2, h),
                Vector3D.of((x1 - x0) / 2, 0, 0),
                Vector3D.of(0, (y1 - y0) / 2, 0));
    }

    private static double factor(EmittingFace face, Vector3D point, Vector3D normal) {
        return ContourFormula.of(face).at(point, normal) / Math.PI;
    }

    @Test
    public void parallelRectangleThroughACorner() {
        for (double[] abc : new double[][] {{0.6, 0.6, 0.9}, {0.3, 1.2, 0.2}, {2, 0.01, 0.5}, {0.05, 0.04, 3}}) {
            assertThat(factor(overhead(0, abc[0], 0, abc[1], abc[2]), Vector3D.ZERO, UP))
                    .as("Howell B-3 for %s", abc)
                    .isCloseTo(HowellFactors.parallelCorner(abc[0], abc[1], abc[2]), within(1e-13));
        }
    }

    @Test
    public void squareRectangle() {
        // the receiver faces +x; the rectangle above it runs from x = 0 to a, y = 0 to b at distance c
        for (double[] abc : new double[][] {{0.6, 0.6, 0.9}, {0.3, 1.2, 0.2}, {2, 0.01, 0.5}, {0.05, 0.04, 3}}) {
            assertThat(factor(overhead(0, abc[0], 0, abc[1], abc[2]), Vector3D.ZERO, Vector3D.Unit.PLUS_X))
                    .as("Howell B-4 for %s", abc)
                    .isCloseTo(HowellFactors.squareCorner(abc[0], abc[1], abc[2]), within(1e-13));
        }
    }

    @Test
    public void sixtyCentimetreSquareAtNinety() {
        EmittingFace face = overhead(-0.3, 0.3, -0.3, 0.3, 0.9);
        // four corner rectangles of 0.3 by 0.3 at 0.9: worked example, Howell B-3
        assertThat(factor(face, Vector3D.ZERO, UP)).isCloseTo(0.1233176, within(5e-8));
        double rule = PointRule.at(face, Vector3D.ZERO, UP) / Math.PI;
        assertThat(rule).isCloseTo(0.1414711, within(5e-8));
        assertThat(Stops.between(rule, factor(face, Vector3D.ZERO, UP))).isCloseTo(0.198, within(5e-4));
    }

    /** How far the inverse-square rule is off for a 61 cm square: worked from Howell B-3. */
    @DataProvider
    Object[][] pointRule() {
        return new Object[][] {{0.3, 1.227}, {0.9, 0.204}, {1.8, 0.054}, {3, 0.020}};
    }

    @Test(dataProvider = "pointRule")
    public void pointRuleIsTooBrightNearBy(double distance, double stops) {
        EmittingFace face = overhead(-0.305, 0.305, -0.305, 0.305, distance);
        double exact = ContourFormula.of(face).at(Vector3D.ZERO, UP);
        assertThat(Stops.between(PointRule.at(face, Vector3D.ZERO, UP), exact)).isCloseTo(stops, within(5e-4));
    }

    @Test
    public void fiveTimesRule() {
        // illuminating engineering's rule: about 1 % beyond five times the size (common practice, no published source)
        EmittingFace face = overhead(-0.5, 0.5, -0.5, 0.5, 5);
        double ratio =
                PointRule.at(face, Vector3D.ZERO, UP) / ContourFormula.of(face).at(Vector3D.ZERO, UP);
        assertThat(ratio).isBetween(1.005, 1.015);
    }

    @Test
    public void manySidesMakeADisc() {
        int sides = 720;
        // of the disc's area
        double out = 0.1 * Math.sqrt(2 * Math.PI / sides / Math.sin(2 * Math.PI / sides));
        for (double above : new double[] {0.03, 0.15, 2}) {
            List<Vector3D> corners = IntStream.range(0, sides)
                    .mapToObj(i -> 2 * Math.PI * i / sides)
                    .map(turn -> Vector3D.of(out * Math.cos(turn), out * Math.sin(turn), above))
                    .toList();
            ContourFormula polygon = ContourFormula.ofPart(overhead(-0.2, 0.2, -0.2, 0.2, above), corners);
            assertThat(polygon.at(Vector3D.ZERO, UP) / Math.PI)
                    .as("Howell B-12 (m), %s m above", above)
                    .isCloseTo(HowellFactors.coaxialDisc(0.1, above), within(1e-5));
        }
    }

    @Test
    public void fromFarOffTheShapeDoesNotMatter() {
        // a square of the disc's area, from far off, gives the disc's light (Howell B-12)
        double side = Math.sqrt(Math.PI) * 0.1;
        EmittingFace face = overhead(-side / 2, side / 2, -side / 2, side / 2, 20);
        assertThat(factor(face, Vector3D.ZERO, UP)).isCloseTo(HowellFactors.coaxialDisc(0.1, 20), within(1e-9));
    }

    @Test
    public void faceThatFillsTheSky() {
        // an infinite plane of luminance L gives pi L
        assertThat(factor(overhead(-1e4, 1e4, -1e4, 1e4, 1), Vector3D.ZERO, UP)).isCloseTo(1, within(1e-7));
    }

    @Test
    public void halfBelowTheHorizonIsCutOff() {
        // a face square to the receiver's plane, centred on it: only its upper half counts
        EmittingFace whole = Faces.rectangle(Vector3D.of(1, 0, 0), Vector3D.of(0, 0.4, 0), Vector3D.of(0, 0, 0.3));
        EmittingFace upper = Faces.rectangle(Vector3D.of(1, 0, 0.15), Vector3D.of(0, 0.4, 0), Vector3D.of(0, 0, 0.15));
        assertThat(factor(whole, Vector3D.ZERO, UP))
                .isPositive()
                .isCloseTo(factor(upper, Vector3D.ZERO, UP), within(1e-15));
    }

    @Test
    public void nothingBehindTheFaceOrBelowTheHorizon() {
        EmittingFace face = overhead(-0.3, 0.3, -0.3, 0.3, 0.9);
        assertThat(factor(face, Vector3D.of(0, 0, 1), UP.negate())).isZero();
        assertThat(factor(face, Vector3D.of(0, 0, 0.9), UP)).isZero();
        assertThat(factor(face, Vector3D.ZERO, UP.negate())).isZero();
        assertThat(factor(face, Vector3D.of(0.3, 0.3, 0.9), UP)).isZero();
    }

    @Test
    public void agreesWithQuadratureInAnyPose() {
        Random random = new Random(20_26);
        GaussIntegrator rule = new GaussIntegratorFactory().legendre(64, -1, 1);
        int counted = 0;
        double worst = 0;
        while (counted < 200) {
            EmittingFace face = Faces.random(random, Outline.RECTANGLE, 0, CosinePower.LAMBERTIAN);
            Vector3D point = Faces.place(random);
            Vector3D normal = Faces.direction(random);
            boolean wholeAbove = face.corners(0).stream()
                    .allMatch(corner -> corner.subtract(point).dot(normal) > 0.05);
            boolean inFront = point.subtract(face.centre()).dot(face.front()) > 0.3;
            if (wholeAbove && inFront) {
                double expected =
                        rule.integrate(across -> rule.integrate(up -> kernel(face, across, up, point, normal)))
                                * face.area()
                                / 4;
                double off = Math.abs(Stops.between(ContourFormula.of(face).at(point, normal), expected));
                worst = Math.max(worst, off);
                counted++;
            }
        }
        assertThat(worst).as("stops off the quadrature, worst of %d", counted).isLessThan(1e-9);
    }

    /** L cos cos / d², the integrand of illuminance. */
    private static double kernel(EmittingFace face, double across, double up, Vector3D point, Vector3D normal) {
        Vector3D ray = face.at(across, up).subtract(point);
        double squared = ray.normSq();
        return ray.dot(normal) * -ray.dot(face.front()) / (squared * squared);
    }

    @Test
    public void splittingAFaceSumsToTheWhole() {
        double whole = factor(overhead(-0.3, 0.5, -0.2, 0.4, 0.7), Vector3D.ZERO, UP);
        double parts = factor(overhead(-0.3, 0.1, -0.2, 0.4, 0.7), Vector3D.ZERO, UP)
                + factor(overhead(0.1, 0.5, -0.2, 0.4, 0.7), Vector3D.ZERO, UP);
        assertThat(parts).isCloseTo(whole, within(1e-15));
    }

    @Test
    public void scaleChangesNothing() {
        double small = factor(overhead(-0.03, 0.05, -0.02, 0.04, 0.07), Vector3D.ZERO, UP);
        double large = factor(overhead(-3, 5, -2, 4, 7), Vector3D.ZERO, UP);
        assertThat(small).isCloseTo(large, within(1e-14));
    }
}
