package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** Uneven faces as the tracer finds them, against integrals over the face. */
public class FaceMapTest {

    private static TableSet under(Face face, Filling filling, Surface table) {
        return Sets.chowder()
                .withDish(Sets.sliver())
                .withTableTop(Sets.endless(table))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER))
                .withLight(box(0.6, 0.6, 12, 60, 0.8).withFace(face).withFilling(filling));
    }

    @DataProvider
    Object[][] faces() {
        return new Object[][] {
            {new Rectangle(0.6, 0.5), new FromBehind(0.08)},
            {new Rectangle(0.6, 0.6), new FromBehind(0.9)},
            {new Disc(0.6), new FromBehind(0.4)},
            {new Octagon(0.6), new HotSpot(3)},
            {new Disc(0.4), new HotSpot(1)}
        };
    }

    /** By adaptive quadrature over the face. */
    @Test(dataProvider = "faces")
    public void lightOnTheTableIsTheIntegral(Face face, Filling filling) {
        TableSet set = under(face, filling, Surface.GREY_PAPER);
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(16));
        Illuminance exact = Illuminance.of(EmittingFace.of(set.light()).withLuminance(1), Illuminance.FINE);
        for (double x : new double[] {0.05, 0.3}) {
            double found = 0;
            for (int look = 0; look < 64; look++) {
                tracer.incident(x, 0.1, 0, 0, 0, 1, 7, look);
                found += tracer.out[3 * Layers.KEY] / 64;
            }
            double expected = exact.at(Vector3D.of(x, 0.1, 0), Vector3D.Unit.PLUS_Z);
            assertThat(found).isCloseTo(expected, within(0.01 * expected));
        }
    }

    /**
     * The zoom head lights 15 x 10 cm of 60 x 60. Places picked evenly over the panel would hit that share p of it, and eight of
     * them be off by the root of (1 - p) / 8p; these are ten times nearer.
     */
    @Test
    public void aSmallBrightPatchIsNotMissed() {
        TableSet set = under(new Rectangle(0.6, 0.6), new FromBehind(0.15), Surface.GREY_PAPER);
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(8));
        double expected = Illuminance.of(EmittingFace.of(set.light()).withLuminance(1), Illuminance.FINE)
                .at(Vector3D.of(0.1, 0.1, 0), Vector3D.Unit.PLUS_Z);
        double squares = 0;
        for (int seed = 0; seed < 400; seed++) {
            tracer.incident(0.1, 0.1, 0, 0, 0, 1, seed, 0);
            squares += Math.pow(tracer.out[3 * Layers.KEY] / expected - 1, 2) / 400;
        }
        double share = 0.15 * 0.036 / 0.035 * 0.15 * 0.024 / 0.035 / 0.36;
        double evenly = Math.sqrt((1 - share) / share / 8);
        assertThat(Math.sqrt(squares)).isLessThan(0.1 * evenly);
    }

    /** Rough metal mirrors every place of the panel: its reflection summed up over the face. */
    @Test
    public void roughMetalMirrorsThePanel() {
        TableSet set = under(new Rectangle(0.6, 0.6), new FromBehind(0.4), Surface.STEEL);
        EmittingFace face = EmittingFace.of(set.light()).withLuminance(1);
        Material steel = Material.of(Surface.STEEL);
        Vector3D point = Vector3D.of(0.05, 0.02, 0);
        Vector3D mirrored = face.at(0.2, 0.1).subtract(point).normalize();
        Vector3D eye = Vector3D.of(-mirrored.getX(), -mirrored.getY(), mirrored.getZ());
        double expected = 0;
        int side = 500;
        for (int i = 0; i < side * side; i++) {
            double across = 2 * (i % side + 0.5) / side - 1;
            double up = 2 * (i / side + 0.5) / side - 1;
            Vector3D to = face.at(across, up).subtract(point);
            Vector3D way = to.normalize();
            Vector3D half = way.add(eye).normalize();
            double solidAngle = face.area() / side / side * -way.dot(face.front()) / to.normSq();
            expected += solidAngle
                    * face.luminance(across, up, way.negate())
                    * steel.mirror(way.getZ(), eye.getZ(), half.getZ())
                    * Fresnel.metal(steel.green(), half.dot(eye));
        }
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(8, 0, 1));
        double found = Glances.key(tracer, point, eye, 1 << 14);
        assertThat(found).isCloseTo(expected, within(0.01 * expected));
    }
}
