package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Bodies;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.light.Light;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/**
 * What a glass of water gathers on the table, against light followed the other way: from the face onto the glass, bent by Snell's law and
 * shared out by Fresnel's equations as they stand in M. Born and E. Wolf, Principles of Optics, 1.5 (from memory), to where it lands.
 */
public class GlassAimTest {

    private static final DrinkGlass GLASS = new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.9, Medium.WATER, 0);

    /** Middles of squares of the table that are looked at, and half their sides, metres. */
    private static final double[][] SMALL = {{0, -0.05, 0.01}, {0, -0.07, 0.01}, {0, -0.1, 0.01}, {0.03, -0.08, 0.01}};

    private static final double[][] ALL = {{0, -0.09, 0.045}};

    private static final int RAYS = 1_000_000;
    private static final int LOOKS = 100_000;

    private final Random random = new Random(4);

    @DataProvider
    Object[][] lights() {
        return new Object[][] {
            {box(0.4, 0.4, 12, 40, 0.8), SMALL, 0.05},
            {box(0.3, 0.2, 12, 55, 0.6), SMALL, 0.05},
            // looks smaller than what is gathered is blurred by: all of it lands, but not in the same places
            {box(0.04, 0.04, 12, 45, 1), ALL, 0.08}
        };
    }

    @Test(dataProvider = "lights")
    public void isWhatLandsThere(Light light, double[][] places, double off) {
        TableSet set = Sets.chowder()
                .withDish(GLASS)
                .withLight(light)
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER));
        double[] landed = landed(EmittingFace.of(set.light()).withLuminance(1), places);
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(1, 1, 1));
        for (int k = 0; k < places.length; k++) {
            double found = 0;
            for (int i = 0; i < LOOKS; i++) {
                double x = places[k][0] + places[k][2] * (2 * random.nextDouble() - 1);
                double y = places[k][1] + places[k][2] * (2 * random.nextDouble() - 1);
                tracer.incident(x, y, 0, 0, 0, 1, 7, i);
                found += tracer.out[3 * Layers.GLASS + 1] / LOOKS;
            }
            assertThat(found).as("place %d", k).isPositive().isCloseTo(landed[k], within(off * landed[k]));
        }
    }

    /** Illuminance of each square by rays from the face that glass has bent or mirrored. */
    private double[] landed(EmittingFace face, double[][] places) {
        Solid glass = Bodies.of(GLASS).clear();
        Ball ball = glass.ball();
        double[] landed = new double[places.length];
        for (int i = 0; i < RAYS; i++) {
            Vector3D from = face.at(2 * random.nextDouble() - 1, 2 * random.nextDouble() - 1);
            Vector3D to = Vector3D.of(ball.x(), ball.y(), ball.z()).subtract(from);
            double cone = Math.sqrt(1 - Math.pow(ball.radius() / to.norm(), 2));
            double along = 1 - random.nextDouble() * (1 - cone);
            double turn = 2 * Math.PI * random.nextDouble();
            Vector3D axis = to.normalize();
            Vector3D first = axis.orthogonal();
            double out = Math.sqrt(1 - along * along);
            Vector3D way = axis.multiply(along)
                    .add(first.multiply(out * Math.cos(turn)))
                    .add(axis.cross(first).multiply(out * Math.sin(turn)));
            double flux = way.dot(face.front()) * face.area() * 2 * Math.PI * (1 - cone) / RAYS;
            land(glass, from, way, flux, places, landed);
        }
        return landed;
    }

    private void land(Solid glass, Vector3D start, Vector3D along, double flux, double[][] places, double[] landed) {
        Vector3D from = start;
        Vector3D way = along;
        Hit hit = new Hit();
        Ray ray = new Ray();
        double left = flux;
        for (int bounce = 0; bounce < 40; bounce++) {
            double table = way.getZ() < 0 ? -from.getZ() / way.getZ() : Double.POSITIVE_INFINITY;
            ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
            hit.clear(Math.min(table, 10));
            glass.meet(ray, hit);
            if (hit.material == null) {
                Vector3D there = from.add(way.multiply(table));
                for (int k = 0; k < places.length && bounce > 0 && Double.isFinite(table); k++) {
                    double half = places[k][2];
                    if (Math.abs(there.getX() - places[k][0]) < half && Math.abs(there.getY() - places[k][1]) < half) {
                        landed[k] += left / (4 * half * half);
                    }
                }
                return;
            }
            Vector3D normal = Vector3D.of(hit.nx, hit.ny, hit.nz);
            boolean in = way.dot(normal) < 0;
            double index = in ? hit.material.index() : 1 / hit.material.index();
            Vector3D facing = in ? normal : normal.negate();
            double cosine = -way.dot(facing);
            double sine = Math.sqrt(Math.max(0, 1 - cosine * cosine)) / index;
            double beyond = sine >= 1 ? 0 : Math.sqrt(1 - sine * sine);
            double square = (cosine - index * beyond) / (cosine + index * beyond);
            double level = (index * cosine - beyond) / (index * cosine + beyond);
            double mirrored = sine >= 1 ? 1 : (square * square + level * level) / 2;
            Vector3D at = from.add(way.multiply(hit.distance));
            Medium before = in ? hit.material.front() : hit.material.back();
            left *= Material.passed(before, 1, hit.distance);
            if (random.nextDouble() < mirrored) {
                way = way.add(facing.multiply(2 * cosine));
                from = at.add(facing.multiply(1e-6));
            } else {
                way = way.multiply(1 / index)
                        .add(facing.multiply(cosine / index - beyond))
                        .normalize();
                from = at.subtract(facing.multiply(1e-6));
            }
        }
    }
}
