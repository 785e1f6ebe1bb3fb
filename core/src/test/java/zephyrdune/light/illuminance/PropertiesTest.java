package zephyrdune.light.illuminance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.threed.rotation.QuaternionRotation;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Faces;
import zephyrdune.light.emitter.Gaussian;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.GridCut;

/** What must hold for any face, and boxes and planes whose light is known without a formula. */
public class PropertiesTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** Faces of every kind over a level receiver, with seeds. */
    @DataProvider
    Object[][] faces() {
        List<Object[]> rows = new ArrayList<>();
        for (Outline outline : Outline.values()) {
            for (double hotSpot : new double[] {0, 2}) {
                rows.add(new Object[] {outline, hotSpot, CosinePower.LAMBERTIAN});
                rows.add(new Object[] {outline, hotSpot, new GridCut(1.2)});
            }
        }
        return rows.toArray(new Object[0][]);
    }

    private static EmittingFace over(
            Outline outline, double hotSpot, zephyrdune.set.distribution.Distribution d, double k) {
        return new EmittingFace(
                outline,
                Vector3D.of(0.1 * k, -0.05 * k, 0.8 * k),
                Vector3D.of(0.3 * k, 0, 0),
                Vector3D.of(0, 0.3 * k, 0),
                1,
                new Gaussian(hotSpot),
                d);
    }

    private static double light(EmittingFace face, Vector3D point, Vector3D normal) {
        return Illuminance.of(face, Illuminance.FINE).at(point, normal);
    }

    @Test(dataProvider = "faces")
    public void scaleChangesNothing(Outline outline, double hotSpot, zephyrdune.set.distribution.Distribution d) {
        double once = light(over(outline, hotSpot, d, 1), Vector3D.of(0.2, 0, 0), UP);
        double large = light(over(outline, hotSpot, d, 7.3), Vector3D.of(0.2 * 7.3, 0, 0), UP);
        assertThat(large).isCloseTo(once, within(1e-12 * once));
    }

    @Test(dataProvider = "faces")
    public void halfTheLuminanceIsOneStop(Outline outline, double hotSpot, zephyrdune.set.distribution.Distribution d) {
        EmittingFace face = over(outline, hotSpot, d, 1);
        double full = light(face, Vector3D.ZERO, UP);
        assertThat(light(face.withLuminance(0.5), Vector3D.ZERO, UP) / full).isCloseTo(0.5, within(1e-14));
    }

    @Test(dataProvider = "faces")
    public void turningEverythingChangesNothing(
            Outline outline, double hotSpot, zephyrdune.set.distribution.Distribution d) {
        Random random = new Random(8);
        EmittingFace face = over(outline, hotSpot, d, 1);
        double still = light(face, Vector3D.of(0.2, 0.1, 0), UP);
        for (int i = 0; i < 5; i++) {
            QuaternionRotation turn =
                    QuaternionRotation.fromAxisAngle(Faces.direction(random), 6 * random.nextDouble());
            EmittingFace turned = new EmittingFace(
                    outline,
                    turn.apply(face.centre()),
                    turn.apply(face.acrossHalf()),
                    turn.apply(face.upHalf()),
                    1,
                    new Gaussian(hotSpot),
                    d);
            assertThat(light(turned, turn.apply(Vector3D.of(0.2, 0.1, 0)), turn.apply(UP)))
                    .isCloseTo(still, within(1e-9 * still));
        }
    }

    @Test(dataProvider = "faces")
    public void theNearerOfTwoIsBrighter(Outline outline, double hotSpot, zephyrdune.set.distribution.Distribution d) {
        EmittingFace face = over(outline, hotSpot, d, 1);
        assertThat(light(face, Vector3D.of(0.1, -0.05, 0.3), UP))
                .isGreaterThan(light(face, Vector3D.of(0.1, -0.05, 0), UP));
    }

    @Test
    public void octagonIsItsSquareLessFourCorners() {
        double cut = 2 - Math.sqrt(2);
        Illuminance whole = Illuminance.uniform(
                Faces.even(Outline.OCTAGON, Vector3D.of(0, 0, 0.7), Vector3D.of(1, 0, 0), Vector3D.of(0, 1, 0)));
        EmittingFace square = Faces.rectangle(Vector3D.of(0, 0, 0.7), Vector3D.of(1, 0, 0), Vector3D.of(0, 1, 0));
        double corners = 0;
        for (int sx = -1; sx <= 1; sx += 2) {
            for (int sy = -1; sy <= 1; sy += 2) {
                Vector3D corner = square.at(sx, sy);
                Vector3D along = square.at(sx - sx * cut, sy);
                Vector3D up = square.at(sx, sy - sy * cut);
                List<Vector3D> triangle = sx * sy > 0 ? List.of(corner, along, up) : List.of(corner, up, along);
                corners += ContourFormula.ofPart(square, triangle).level(0.2, 0.1, 0);
            }
        }
        assertThat(whole.level(0.2, 0.1, 0))
                .isCloseTo(Illuminance.uniform(square).level(0.2, 0.1, 0) - corners, within(1e-13));
    }

    @Test
    public void insideALuminousBoxEverySurfaceGetsPiL() {
        // a closed cavity of even luminance, as in CIE 171:2006's closed-box cases: derived, E = pi L whatever the
        // shape
        Vector3D[] axes = {Vector3D.Unit.PLUS_X, Vector3D.Unit.PLUS_Y, Vector3D.Unit.PLUS_Z};
        double[] half = {1.5, 0.8, 0.6};
        Random random = new Random(171);
        for (int i = 0; i < 20; i++) {
            Vector3D point = Vector3D.of(
                    1.4 * (2 * random.nextDouble() - 1),
                    0.7 * (2 * random.nextDouble() - 1),
                    0.5 * (2 * random.nextDouble() - 1));
            Vector3D normal = Faces.direction(random);
            double sum = 0;
            for (int axis = 0; axis < 3; axis++) {
                for (int side = -1; side <= 1; side += 2) {
                    Vector3D across = axes[(axis + 1) % 3].multiply(half[(axis + 1) % 3]);
                    Vector3D up = axes[(axis + 2) % 3].multiply(half[(axis + 2) % 3]);
                    EmittingFace face = Faces.rectangle(
                            axes[axis].multiply(side * half[axis]), side > 0 ? across : across.negate(), up);
                    sum += Illuminance.uniform(face).at(point, normal);
                }
            }
            assertThat(sum).isCloseTo(Math.PI, within(1e-12));
        }
    }

    @Test
    public void anUprightSurfaceOnAWideFloorGetsHalf() {
        // CIE 171:2006-style reflection from a large diffuse plane: derived, an upright element gets pi L / 2; an
        // obstruction takes away what the part of the floor behind it gave
        EmittingFace floor = floor(-1e5, 1e5, 1e5);
        Vector3D point = Vector3D.of(0, 0, 1);
        double open = Illuminance.uniform(floor).at(point, Vector3D.Unit.PLUS_X);
        assertThat(open).isCloseTo(Math.PI / 2, within(1e-4));
        // an opaque, endless wall at x = 1 half as high as the element hides the floor between x = 1 and 2
        double hidden = Illuminance.uniform(floor(1, 2, 1e5)).at(point, Vector3D.Unit.PLUS_X);
        // an endless strip seen from 26.57 to 45 degrees below the element's normal: pi L / 2 times the difference of
        // sines
        double derived = Math.PI / 2 * (Math.sin(Math.PI / 4) - Math.sin(Math.atan(0.5)));
        assertThat(hidden).isCloseTo(derived, within(1e-6));
    }

    private static EmittingFace floor(double x0, double x1, double y) {
        return Faces.rectangle(
                Vector3D.of((x0 + x1) / 2, 0, 0), Vector3D.of(-(x1 - x0) / 2, 0, 0), Vector3D.of(0, y, 0));
    }
}
