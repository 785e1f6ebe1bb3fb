package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Bounds;
import zephyrdune.render.body.Facets;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Biscuit;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;

/** What a scene is made of, part by part, against plain geometry. */
public class ScenePartsTest {

    /** A ball as a solid, of which only the bounds are asked. */
    private record OnlyBall(double x, double y, double z, double radius) implements Solid {

        @Override
        public Ball ball() {
            return new Ball(x, y, z, radius);
        }

        @Override
        public Bounds bounds() {
            return new Bounds(x - radius, y - radius, z - radius, x + radius, y + radius, z + radius);
        }

        @Override
        public List<Facets> facets(double scale) {
            throw new UnsupportedOperationException();
        }

        @Override
        public void meet(Ray ray, Hit hit) {
            throw new UnsupportedOperationException();
        }

        @Override
        public boolean blocks(Ray ray, double farthest) {
            throw new UnsupportedOperationException();
        }
    }

    private static SolidArray one(double x, double y, double z, double radius) {
        SolidList list = new SolidList();
        list.add(new OnlyBall(x, y, z, radius), 42);
        return new SolidArray(list);
    }

    private static Vector3D random(Random random, double spread) {
        return Vector3D.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                .multiply(spread);
    }

    private static Ray ray(Vector3D from, Vector3D way) {
        Ray ray = new Ray();
        ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
        return ray;
    }

    /** By the distance of the ball's middle from the ray. */
    @Test
    public void aRayMissesABall() {
        Random random = new Random(1);
        int missed = 0;
        for (int i = 0; i < 2000; i++) {
            Vector3D middle = random(random, 1);
            double radius = 0.1 + random.nextDouble();
            Vector3D from = random(random, 1);
            Vector3D way = random(random, 1).normalize();
            double along = Math.max(0, middle.subtract(from).dot(way));
            boolean misses = from.add(way.multiply(along)).distance(middle) > radius;
            SolidArray balls = one(middle.getX(), middle.getY(), middle.getZ(), radius);
            assertThat(balls.misses(ray(from, way), 0)).isEqualTo(misses);
            missed += misses ? 1 : 0;
        }
        assertThat(missed).isBetween(500, 1900);
        assertThat(one(0, 0, 0, 1).owner(0)).isEqualTo(42);
    }

    /** No segment from a place to a point of the far ball may meet a ball that is told not to be between; most others are told so. */
    @Test
    public void whatIsNotBetweenIsMetByNoSegment() {
        Random random = new Random(2);
        int between = 0;
        int met = 0;
        for (int i = 0; i < 1500; i++) {
            Vector3D place = random(random, 0.5);
            Vector3D face = random(random, 1.5);
            double faceRadius = 0.05 + 0.3 * random.nextDouble();
            Vector3D middle = random(random, 0.8);
            double radius = 0.02 + 0.3 * random.nextDouble();
            SolidArray balls = one(middle.getX(), middle.getY(), middle.getZ(), radius);
            Vector3D way = face.subtract(place);
            boolean told = balls.between(
                    0,
                    place.getX(),
                    place.getY(),
                    place.getZ(),
                    way.getX(),
                    way.getY(),
                    way.getZ(),
                    way.norm(),
                    faceRadius);
            boolean meets = false;
            for (int k = 0; k < 60; k++) {
                Vector3D to = face.add(random(random, 1).normalize().multiply(faceRadius));
                Vector3D unit = to.subtract(place).normalize();
                double along = Math.max(0, middle.subtract(place).dot(unit));
                meets |= place.add(unit.multiply(along)).distance(middle) < radius;
            }
            assertThat(told || !meets).as("case " + i).isTrue();
            between += told ? 1 : 0;
            met += meets ? 1 : 0;
        }
        assertThat(between).isBetween(met, met + 150).isLessThan(1200);
    }

    /** Light at least as steep as one in two passes over a low body far enough away, not over a near or a high one. */
    @Test
    public void steepLightPassesOverLowBodies() {
        double slope = 0.5;
        // top at 0.2, nearest point 0.9 away: light comes in at 0.45 or more there
        assertThat(one(1, 0, 0.1, 0.1).underneath(0, 0, 0, 0, slope)).isTrue();
        assertThat(one(0, -1, 0.1, 0.1).underneath(0, 0, 0, 0, slope)).isTrue();
        assertThat(one(1, 0, 0.4, 0.1).underneath(0, 0, 0, 0, slope)).isFalse();
        assertThat(one(0.3, 0, 0.1, 0.1).underneath(0, 0, 0, 0, slope)).isFalse();
        assertThat(one(0.05, 0, 0.1, 0.1).underneath(0, 0, 0, 0, slope)).isFalse();
        assertThat(one(1, 0, 0.4, 0.1).underneath(0, 0, 0, 0.3, slope)).isTrue();
        assertThat(one(1, 0, 0.1, 0.1).underneath(0, 0.5, 0, 0, slope)).isFalse();
        assertThat(one(1, 0, 0.1, 0.1).underneath(0, 0, 0, 0, 0)).isFalse();
    }

    private static TableSet set() {
        return Sets.chowder()
                .withTableTop(new TableTop(Surface.PALE_WOOD, 0.5, 0.6, 0.9, 0.4))
                .withBackdrop(new Backdrop(0.8, 2, 1.5, Surface.GREY_PAPER));
    }

    private static int planes(double[] from, double[] to, double distance, Vector3D normal) {
        Vector3D start = Vector3D.of(from);
        Vector3D way = Vector3D.of(to).subtract(start).normalize();
        Hit hit = new Hit();
        hit.clear(Scene.FARTHEST);
        int owner = new Planes(set()).meet(ray(start, way), hit);
        if (owner >= 0) {
            assertThat(hit.distance).isCloseTo(distance, within(1e-9));
            assertThat(Vector3D.of(hit.nx, hit.ny, hit.nz)).isEqualTo(normal);
        }
        return owner;
    }

    @Test
    public void tableAndBackdropWithinTheirEdges() {
        Vector3D up = Vector3D.Unit.PLUS_Z;
        Vector3D front = Vector3D.Unit.MINUS_Y;
        double[] eye = {0, -1, 1};
        assertThat(planes(eye, new double[] {0.1, 0.2, 0}, Math.sqrt(0.01 + 1.44 + 1), up))
                .isEqualTo(Scene.TABLE);
        assertThat(planes(eye, new double[] {0.59, 0, 0}, Math.sqrt(0.59 * 0.59 + 2), up))
                .isEqualTo(Scene.TABLE);
        assertThat(planes(eye, new double[] {0.61, 0, 0}, 0, up)).isEqualTo(-1);
        assertThat(planes(eye, new double[] {-0.49, 0, 0}, Math.sqrt(0.49 * 0.49 + 2), up))
                .isEqualTo(Scene.TABLE);
        assertThat(planes(eye, new double[] {-0.51, 0, 0}, 0, up)).isEqualTo(-1);
        assertThat(planes(eye, new double[] {0, -0.39, 0}, Math.sqrt(0.61 * 0.61 + 1), up))
                .isEqualTo(Scene.TABLE);
        assertThat(planes(eye, new double[] {0, -0.41, 0}, 0, up)).isEqualTo(-1);
        assertThat(planes(eye, new double[] {0.3, 0.8, 0.5}, Math.sqrt(0.09 + 3.24 + 0.25), front))
                .isEqualTo(Scene.BACKDROP);
        assertThat(planes(eye, new double[] {0.99, 0.8, 1.49}, Math.sqrt(0.9801 + 3.24 + 0.2401), front))
                .isEqualTo(Scene.BACKDROP);
        assertThat(planes(eye, new double[] {1.01, 0.8, 1}, 0, front)).isEqualTo(-1);
        assertThat(planes(eye, new double[] {0, 0.8, 1.51}, 0, front)).isEqualTo(-1);
        // away from both
        assertThat(planes(eye, new double[] {0, -2, 1.5}, 0, front)).isEqualTo(-1);
    }

    @Test
    public void tableAndBackdropBlock() {
        Planes planes = new Planes(set());
        Vector3D below = Vector3D.of(0, 0, -0.5);
        Ray upwards = ray(below, Vector3D.Unit.PLUS_Z);
        assertThat(planes.tableBlocks(upwards, 0.6)).isTrue();
        assertThat(planes.tableBlocks(upwards, 0.4)).isFalse();
        assertThat(planes.tableBlocks(ray(below, Vector3D.Unit.MINUS_Z), 5)).isFalse();
        assertThat(planes.tableBlocks(ray(Vector3D.of(0.7, 0, -0.5), Vector3D.Unit.PLUS_Z), 5))
                .isFalse();
        Ray through = ray(Vector3D.of(0, 0, 0.5), Vector3D.Unit.PLUS_Y);
        assertThat(planes.backdropBlocks(through, 0.9)).isTrue();
        assertThat(planes.backdropBlocks(through, 0.7)).isFalse();
        assertThat(planes.backdropBlocks(ray(Vector3D.of(0, 0, 0.5), Vector3D.Unit.MINUS_Y), 5))
                .isFalse();
        assertThat(planes.backdropBlocks(ray(Vector3D.of(0, 0, 1.6), Vector3D.Unit.PLUS_Y), 5))
                .isFalse();
        assertThat(planes.behind(0.81)).isTrue();
        assertThat(planes.behind(0.79)).isFalse();
    }

    @DataProvider
    Object[][] sides() {
        return new Object[][] {
            {Vector3D.Unit.PLUS_X, 1.5, Vector3D.Unit.MINUS_X, Surface.CREAM},
            {Vector3D.Unit.MINUS_X, 1.2, Vector3D.Unit.PLUS_X, Surface.CREAM},
            {Vector3D.Unit.PLUS_Y, 1.8, Vector3D.Unit.MINUS_Y, Surface.CREAM},
            {Vector3D.Unit.MINUS_Y, 2, Vector3D.Unit.PLUS_Y, Surface.CREAM},
            {Vector3D.Unit.PLUS_Z, 1.6, Vector3D.Unit.MINUS_Z, Surface.WHITE_PAPER},
            {Vector3D.Unit.MINUS_Z, 0.75, Vector3D.Unit.PLUS_Z, Surface.SLATE}
        };
    }

    /** From the hero point straight to each side, and beside the other sides only as far as they are. */
    @Test(dataProvider = "sides")
    public void wallsFromInside(Vector3D way, double distance, Vector3D normal, Surface surface) {
        Walls walls = new Walls(
                new WalledRoom(1.2, 1.5, 1.8, 2, 1.6, 0.75, Surface.CREAM, Surface.WHITE_PAPER, Surface.SLATE));
        Hit hit = new Hit();
        hit.clear(Scene.FARTHEST);
        Vector3D slant = way.add(Vector3D.of(0.03, 0.02, 0.01)).normalize();
        assertThat(walls.meet(ray(Vector3D.ZERO, slant), hit)).isTrue();
        assertThat(hit.distance).isCloseTo(distance / Math.abs(slant.dot(way)), within(1e-9));
        assertThat(Vector3D.of(hit.nx, hit.ny, hit.nz)).isEqualTo(normal);
        assertThat(hit.material).isEqualTo(Material.of(surface));
        hit.clear(distance / 2);
        assertThat(walls.meet(ray(Vector3D.ZERO, slant), hit)).isFalse();
    }

    /** A prop's own frame: its place is the origin, its turn is undone; the hero's is the scene's. */
    @Test
    public void placesInABodysOwnFrame() {
        Prop prop = new Prop(new Biscuit(0.05, 0.008, Surface.BAKED_PASTRY), 0.2, -0.1, 0.03, Math.PI / 6);
        TableSet set = set().withProps(List.of(prop));
        BodyPoses poses = new BodyPoses(set, Scene.HERO + 2);
        double[] own = new double[3];
        poses.own(Scene.HERO + 1, 0.2 + 0.1 * Math.cos(Math.PI / 6), -0.1 + 0.1 * Math.sin(Math.PI / 6), 0.05, own);
        assertThat(own).containsExactly(new double[] {0.1, 0, 0.02}, within(1e-12));
        poses.own(Scene.HERO, 0.3, 0.4, 0.5, own);
        assertThat(own).containsExactly(new double[] {0.3, 0.4, 0.5}, within(1e-12));
        double[] way = {Math.cos(Math.PI / 6), Math.sin(Math.PI / 6), 0.7};
        poses.turn(Scene.HERO + 1, false, way);
        assertThat(way).containsExactly(new double[] {1, 0, 0.7}, within(1e-12));
        poses.turn(Scene.HERO + 1, true, way);
        assertThat(way)
                .containsExactly(new double[] {Math.cos(Math.PI / 6), Math.sin(Math.PI / 6), 0.7}, within(1e-12));
    }

    @Test
    public void layersAddUp() {
        LayerSums sums = new LayerSums(2);
        assertThat(sums.sums).hasSize(3 * (Layers.FIRST_CARD + 2));
        sums.add(LightComponent.INDIRECT, Layers.ROOM, 1, 2, 3);
        sums.add(LightComponent.INDIRECT, Layers.ROOM, 0.5, 0.25, 0.125);
        sums.add(LightComponent.INDIRECT, Layers.FIRST_CARD + 1, 7, 8, 9);
        assertThat(sums.sums[3 * Layers.ROOM]).isEqualTo(1.5);
        assertThat(sums.sums[3 * Layers.ROOM + 1]).isEqualTo(2.25);
        assertThat(sums.sums[3 * Layers.ROOM + 2]).isEqualTo(3.125);
        assertThat(sums.sums[3 * (Layers.FIRST_CARD + 1) + 2]).isEqualTo(9);
        sums.clear();
        assertThat(sums.sums).containsOnly(0);
    }
}
