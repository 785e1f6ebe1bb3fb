package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.units.measure.Stops;

/** The disc's closed form against Howell's catalogue, quadrature and polygons with very many sides. */
public class DiscFormulaTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    private static double factor(EmittingFace face, Vector3D point, Vector3D normal) {
        return Illuminance.uniform(face).at(point, normal) / Math.PI;
    }

    /** Radius, height, and how far off the axis, metres. */
    @DataProvider
    Object[][] discs() {
        return new Object[][] {
            {0.3, 0.9, 0.0},
            {0.3, 0.9, 1e-10},
            {0.3, 0.9, 1e-5},
            {0.3, 0.9, 0.2},
            {0.3, 0.9, 0.3},
            {0.3, 0.9, 0.8},
            {0.3, 0.02, 0.29},
            {0.3, 0.02, 0.31},
            {2.0, 0.5, 1.0},
            {0.01, 3.0, 2.0}
        };
    }

    @Test(dataProvider = "discs")
    public void parallelElement(double radius, double height, double off) {
        double expected =
                off == 0 ? HowellFactors.coaxialDisc(radius, height) : HowellFactors.parallelDisc(radius, height, off);
        // the catalogue's form itself loses digits near the axis
        double digits = off > 0 && off < 1e-3 ? 1e-9 : 1e-13;
        assertThat(factor(Faces.discOverhead(off, 0, height, radius), Vector3D.ZERO, UP))
                .as("Howell B-12, B-13")
                .isCloseTo(expected, within(digits));
    }

    @Test
    public void sixtyCentimetreDiscAtNinety() {
        // worked example: r²/(r² + h²) = 0.09 / 0.9
        assertThat(factor(Faces.discOverhead(0, 0, 0.9, 0.3), Vector3D.ZERO, UP))
                .isCloseTo(0.1, within(1e-15));
    }

    @Test(dataProvider = "discs")
    public void squareElement(double radius, double height, double off) {
        if (off > radius) {
            // facing the axis, with the whole disc above its horizon
            assertThat(factor(Faces.discOverhead(off, 0, height, radius), Vector3D.ZERO, Vector3D.Unit.PLUS_X))
                    .as("Howell B-14")
                    .isCloseTo(HowellFactors.squareDisc(radius, height, off), within(1e-13));
        }
    }

    @Test
    public void agreesWithQuadratureInAnyPose() {
        Random random = new Random(1760);
        double worst = 0;
        int counted = 0;
        while (counted < 100) {
            EmittingFace face = Faces.random(random, Outline.DISC, 0, CosinePower.LAMBERTIAN);
            Vector3D point = Faces.place(random);
            Vector3D normal = Faces.direction(random);
            double height = face.centre().subtract(point).dot(normal);
            boolean above = height > face.acrossHalf().norm() + 0.1;
            boolean before = point.subtract(face.centre()).dot(face.front()) > 0.3;
            if (above && before) {
                double expected = Quadrature.illuminance(face, point, normal);
                worst = Math.max(
                        worst, Math.abs(Stops.between(Illuminance.uniform(face).at(point, normal), expected)));
                counted++;
            }
        }
        assertThat(worst).as("stops").isLessThan(1e-9);
    }

    @Test
    public void horizonCutsTheDiscAsItCutsAPolygon() {
        // against inscribed polygons of 5000 and 10000 sides, extrapolated: their area is short by a term in 1/n²
        Random random = new Random(14);
        int cut = 0;
        for (int i = 0; i < 4000 && cut < 300; i++) {
            EmittingFace face = Faces.random(random, Outline.DISC, 0, CosinePower.LAMBERTIAN);
            Vector3D point = Faces.place(random);
            Vector3D normal = Faces.direction(random);
            double height = face.centre().subtract(point).dot(normal);
            double reach = face.acrossHalf().norm()
                    * Math.sqrt(1 - Math.pow(face.front().dot(normal), 2));
            boolean before = point.subtract(face.centre()).dot(face.front()) > 0.01;
            if (before && Math.abs(height) < reach) {
                double polygon =
                        ContourFormula.ofPart(face, face.corners(20_000)).at(point, normal);
                assertThat(Illuminance.uniform(face).at(point, normal)).isCloseTo(polygon, within(3e-8));
                cut++;
            }
        }
        assertThat(cut).isGreaterThan(150);
    }

    @Test
    public void halfADiscOnTheHorizon() {
        // the disc stands on edge, centred on the horizon: by symmetry its upper half gives all there is, and a level
        // element gets as much from above as one facing down gets from below
        EmittingFace face =
                Faces.even(Outline.DISC, Vector3D.of(1, 0, 0), Vector3D.of(0, 0.4, 0), Vector3D.of(0, 0, 0.4));
        double up = factor(face, Vector3D.ZERO, UP);
        assertThat(up).isPositive();
        assertThat(factor(face, Vector3D.ZERO, UP.negate())).isCloseTo(up, within(1e-15));
        // a step to where the horizon no longer cuts it changes nothing suddenly
        EmittingFace touching =
                Faces.even(Outline.DISC, Vector3D.of(1, 0, 0.4 - 1e-9), Vector3D.of(0, 0.4, 0), Vector3D.of(0, 0, 0.4));
        EmittingFace clear =
                Faces.even(Outline.DISC, Vector3D.of(1, 0, 0.4 + 1e-9), Vector3D.of(0, 0.4, 0), Vector3D.of(0, 0, 0.4));
        assertThat(factor(touching, Vector3D.ZERO, UP)).isCloseTo(factor(clear, Vector3D.ZERO, UP), within(2e-9));
    }

    @Test
    public void nothingBehindTheFaceOrBelowTheHorizon() {
        EmittingFace face = Faces.discOverhead(0, 0, 0.9, 0.3);
        assertThat(factor(face, Vector3D.of(0, 0, 1), UP.negate())).isZero();
        assertThat(factor(face, Vector3D.of(0.1, 0, 0.9), UP)).isZero();
        assertThat(factor(face, Vector3D.ZERO, UP.negate())).isZero();
    }

    @Test
    public void discThatFillsTheSky() {
        assertThat(factor(Faces.discOverhead(0, 0, 1, 1e4), Vector3D.ZERO, UP)).isCloseTo(1, within(2e-8));
    }
}
