package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.render.body.Bodies;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** Rays where they meet a surface: laws of reflection and refraction, and directions as often as they are said to be. */
public class ScatteringTest {

    /** A vertex that a ray has come to, its normal towards where the ray comes from. */
    private static PathVertex vertex(Vector3D way, Vector3D normal, Material material) {
        PathVertex vertex = new PathVertex();
        vertex.begins(2);
        vertex.ray.set(0, 0, 0, way.getX(), way.getY(), way.getZ());
        vertex.hit.take(1, normal.getX(), normal.getY(), normal.getZ(), material);
        vertex.arrives(way.dot(normal));
        vertex.out = Math.max(0.01, vertex.above(vertex.vx, vertex.vy, vertex.vz));
        return vertex;
    }

    private static Vector3D way(Ray ray) {
        return Vector3D.of(ray.dx, ray.dy, ray.dz);
    }

    private static Vector3D slanting(double degrees, double round) {
        double angle = Math.toRadians(degrees);
        return Vector3D.of(Math.sin(angle) * Math.cos(round), Math.sin(angle) * Math.sin(round), -Math.cos(angle));
    }

    /** Angle in is angle out, in one plane. */
    @Test
    public void aPolishedMetalReflectsByTheLaw() {
        Reflection reflection = new Reflection();
        Material mirror = Material.of(Surface.MIRROR);
        for (double degrees : new double[] {5, 40, 80}) {
            Vector3D in = slanting(degrees, 0.7);
            PathVertex at = vertex(in, Vector3D.Unit.PLUS_Z, mirror);
            PathVertex next = new PathVertex();
            assertThat(reflection.sample(at, 0.3, 0.8, 0.5, next)).isTrue();
            assertThat(way(next.ray).distance(Vector3D.of(in.getX(), in.getY(), -in.getZ())))
                    .isLessThan(1e-12);
            assertThat(next.pdf).isEqualTo(Tracer.SHARP);
            assertThat(next.green)
                    .isCloseTo(0.5 * Fresnel.metal(mirror.green(), Math.cos(Math.toRadians(degrees))), within(1e-12));
            assertThat(next.red)
                    .isCloseTo(0.5 * Fresnel.metal(mirror.red(), Math.cos(Math.toRadians(degrees))), within(1e-12));
            assertThat(next.reflections).isZero();
            assertThat(next.ray.oz).isCloseTo(at.z, within(1e-15));
        }
    }

    /** Of a rough metal: the mean over the half space of 1 / pdf over the directions sampled is its solid angle where all are reached. */
    @Test
    public void aRoughMetalsDirectionsAreAsOftenAsSaid() {
        Reflection reflection = new Reflection();
        Material steel = Material.of(Surface.STEEL);
        assertThat(steel.polished()).isFalse();
        PathVertex at = vertex(slanting(35, 0.2), Vector3D.Unit.PLUS_Z, steel);
        PathVertex next = new PathVertex();
        Random random = new Random(5);
        Vector3D mirrored = Vector3D.of(-at.vx, -at.vy, at.vz);
        double cone = Math.cos(Math.toRadians(12));
        double inside = 0;
        int samples = 400_000;
        for (int i = 0; i < samples; i++) {
            if (reflection.sample(at, random.nextDouble(), random.nextDouble(), 1, next)) {
                assertThat(next.pdf).isPositive();
                inside += way(next.ray).dot(mirrored) > cone ? 1 / next.pdf / samples : 0;
            }
        }
        assertThat(inside).isCloseTo(2 * Math.PI * (1 - cone), within(0.03 * 2 * Math.PI * (1 - cone)));
        assertThat(next.reflections).isEqualTo(1);
    }

    /** Snell's law both ways, and what is not reflected is refracted; beyond the critical angle all is reflected. */
    @Test
    public void glassBendsBySnell() {
        Solid glass = Bodies.of(new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.7, Medium.CORDIAL, 0.8))
                .clear();
        Hit hit = new Hit();
        hit.clear(1e6);
        Ray ray = new Ray();
        ray.set(-1, 0, 0.1, 1, 0, 0);
        glass.meet(ray, hit);
        Material boundary = hit.material;
        assertThat(boundary.clear()).isTrue();
        double index = boundary.index();
        Dielectric dielectric = new Dielectric();
        for (double degrees : new double[] {0.5, 20, 60, 85}) {
            Vector3D in = slanting(degrees, 1.1);
            PathVertex at = vertex(in, Vector3D.Unit.PLUS_Z, boundary);
            PathVertex next = new PathVertex();
            dielectric.at(at, -Math.cos(Math.toRadians(degrees)));
            assertThat(dielectric.reflected)
                    .isCloseTo(Fresnel.mirrored(Math.cos(Math.toRadians(degrees)), index), within(1e-12));
            dielectric.refract(at, next);
            Vector3D bent = way(next.ray);
            assertThat(bent.norm()).isCloseTo(1, within(1e-9));
            double sine = Math.hypot(bent.getX(), bent.getY());
            assertThat(index * sine).isCloseTo(Math.sin(Math.toRadians(degrees)), within(1e-9));
            // on along the same way, seen from above, from just beyond the boundary
            assertThat(bent.getX() * in.getY() - bent.getY() * in.getX()).isCloseTo(0, within(1e-12));
            assertThat(bent.getX() * in.getX() + bent.getY() * in.getY()).isPositive();
            assertThat(next.ray.oz).isLessThan(at.z);
            assertThat(next.medium).isEqualTo(boundary.back());
            dielectric.reflect(at, next);
            assertThat(way(next.ray).distance(Vector3D.of(in.getX(), in.getY(), -in.getZ())))
                    .isLessThan(1e-12);
            assertThat(next.medium).isEqualTo(boundary.front());
            assertThat(next.ray.oz).isEqualTo(at.z);
        }
        // from inside: the boundary's own normal points along the ray
        double critical = Math.toDegrees(Math.asin(1 / index));
        for (double degrees : new double[] {critical - 5, critical + 1}) {
            Vector3D out = slanting(degrees, 1.1);
            PathVertex at = vertex(out, Vector3D.Unit.MINUS_Z, boundary);
            dielectric.at(at, Math.cos(Math.toRadians(degrees)));
            if (degrees > critical) {
                assertThat(dielectric.reflected).isEqualTo(1);
            } else {
                PathVertex next = new PathVertex();
                dielectric.refract(at, next);
                assertThat(Math.hypot(next.ray.dx, next.ray.dy))
                        .isCloseTo(index * Math.sin(Math.toRadians(degrees)), within(1e-9));
                assertThat(next.medium).isEqualTo(boundary.front());
            }
        }
    }

    /** Straight through a glass of drink: four boundaries by Fresnel, the liquid by Beer and Lambert (general optics). */
    @Test
    public void straightThroughALiquid() {
        DrinkGlass dish = new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.9, Medium.CORDIAL, 0);
        Solid glass = Bodies.of(dish).clear();
        Ray ray = new Ray();
        ray.set(-0.5, 0, 0.06, 1, 0, 0);
        Hit hit = new Hit();
        double[] expected = {1, 1, 1};
        double gone = 0;
        Ray on = new Ray();
        int boundaries = 0;
        while (true) {
            on.set(-0.5 + gone, 0, 0.06, 1, 0, 0);
            hit.clear(1e6);
            glass.meet(on, hit);
            if (hit.material == null) {
                break;
            }
            boundaries++;
            boolean in = hit.nx < 0;
            double index = in ? hit.material.index() : 1 / hit.material.index();
            Medium before = in ? hit.material.front() : hit.material.back();
            double reflected = Math.pow((index - 1) / (index + 1), 2);
            for (int channel = 0; channel < 3; channel++) {
                expected[channel] *= (1 - reflected) * Material.passed(before, channel, hit.distance);
            }
            gone += hit.distance + 1e-6;
        }
        assertThat(boundaries).isBetween(2, 6);
        double[] passed = {1, 0.5, 0.25};
        Transmittance.through(glass, ray, 1, hit, passed);
        assertThat(passed[0]).isCloseTo(expected[0], within(1e-3));
        assertThat(passed[1]).isCloseTo(0.5 * expected[1], within(1e-3));
        assertThat(passed[2]).isCloseTo(0.25 * expected[2], within(1e-3));
        assertThat(passed[0]).isBetween(0.05, 0.95);
        assertThat(ray.ox).isEqualTo(-0.5);
        // a light before the glass, and one in the middle of it
        double[] before = {1, 1, 1};
        Transmittance.through(glass, ray, 0.4, hit, before);
        assertThat(before).containsOnly(1);
        double[] middle = {1, 1, 1};
        Transmittance.through(glass, ray, 0.5, hit, middle);
        assertThat(middle[1]).isGreaterThan(passed[1] / 0.5).isLessThan(1);
    }

    /** Off a matte surface as often as the cosine is great: the mean of cosines is 2/3, and ways are even all round. */
    @Test
    public void matteDirectionsGoByTheCosine() {
        Basis basis = new Basis();
        Random random = new Random(9);
        for (Vector3D normal : new Vector3D[] {
            Vector3D.Unit.PLUS_Z,
            Vector3D.Unit.MINUS_Z,
            Vector3D.of(0.3, -0.5, 0.8).normalize(),
            Vector3D.Unit.MINUS_Y
        }) {
            PathVertex at = vertex(normal.negate(), normal, Material.of(Surface.WHITE_PAPER));
            Ray ray = new Ray();
            double mean = 0;
            Vector3D sum = Vector3D.ZERO;
            int samples = 50_000;
            for (int i = 0; i < samples; i++) {
                double cosine = basis.scatter(at, random.nextDouble(), random.nextDouble(), ray);
                assertThat(way(ray).dot(normal)).isCloseTo(cosine, within(1e-9));
                assertThat(way(ray).norm()).isCloseTo(1, within(1e-9));
                mean += cosine / samples;
                sum = sum.add(way(ray).multiply(1.0 / samples));
            }
            assertThat(mean).isCloseTo(2 / 3.0, within(0.005));
            assertThat(sum.distance(normal.multiply(2 / 3.0))).isLessThan(0.01);
        }
    }
}
