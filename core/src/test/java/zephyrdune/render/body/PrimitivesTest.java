package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.material.Material;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Panel;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.surface.Surface;

/** Each kind of body against its own equation: where a ray first crosses it is looked for in small steps, and found by halving. */
public class PrimitivesTest {

    private static final double FARTHEST = 1e6;
    private static final double STEP = 2e-3;
    private static final double REACH = 4;
    private static final Material SKIN = Material.of(Surface.CREAM);
    private static final Material INSIDE = Material.of(Surface.CLAY);

    /** Below zero inside a body, or on one side of a sheet. */
    private interface Equation {
        double at(double x, double y, double z);

        /** Whether a crossing there counts. */
        default boolean bounded(double x, double y, double z) {
            return true;
        }
    }

    private record Sheet(double bend, double fold) implements Equation {
        @Override
        public double at(double x, double y, double z) {
            return z - bend * x * x - fold * y * y;
        }

        @Override
        public boolean bounded(double x, double y, double z) {
            return x * x + y * y <= 1;
        }
    }

    /** Round at the foot, an oval at the end. */
    private record Pressed(double radius, double halfWidth, double halfDepth) implements Equation {
        @Override
        public double at(double x, double y, double z) {
            return Math.pow(x / (radius + z * (halfWidth - radius)), 2)
                    + Math.pow(y / (radius + z * (halfDepth - radius)), 2)
                    - 1;
        }

        @Override
        public boolean bounded(double x, double y, double z) {
            return z >= 0 && z <= 1;
        }
    }

    private static Equation box(double cx, double cy, double cz, double hx, double hy, double hz) {
        return (x, y, z) -> Math.max(Math.abs(x - cx) / hx, Math.max(Math.abs(y - cy) / hy, Math.abs(z - cz) / hz)) - 1;
    }

    @DataProvider
    Object[][] kinds() {
        Vector3D x = Vector3D.of(0.6, 0.2, 0);
        Vector3D y = Vector3D.of(-0.1, 0.3, 0);
        Vector3D z = Vector3D.of(0, 0, 0.4);
        Vector3D at = Vector3D.of(0.2, -0.3, 0.5);
        // the inverse of that frame
        Equation turned = (px, py, pz) -> {
            Vector3D p = Vector3D.of(px, py, pz).subtract(at);
            double a = p.dot(y.cross(z)) / x.dot(y.cross(z));
            double b = p.dot(z.cross(x)) / x.dot(y.cross(z));
            double c = p.dot(x.cross(y)) / x.dot(y.cross(z));
            return a * a + b * b + c * c - 1;
        };
        return new Object[][] {
            {new Box(0.1, -0.2, 0.3, 0.5, 0.3, 0.4, SKIN), box(0.1, -0.2, 0.3, 0.5, 0.3, 0.4)},
            {Box.standing(0.8, 0.6, 1, SKIN), box(0, 0, 0.5, 0.4, 0.3, 0.5)},
            {Round.whole(SKIN), (Equation) (a, b, c) -> a * a + b * b + c * c - 1},
            {new Round(0.3, SKIN, INSIDE), (Equation) (a, b, c) -> Math.max(a * a + b * b + c * c - 1, a - 0.3)},
            {new LeafSheet(0.4, 0.2, SKIN), new Sheet(0.4, 0.2)},
            {new LeafSheet(-0.3, 0.5, SKIN), new Sheet(-0.3, 0.5)},
            {new LeafSheet(0, 0, SKIN), new Sheet(0, 0)},
            {new PressedTube(0.6, 0.9, 0.3, 0, SKIN, SKIN), new Pressed(0.6, 0.9, 0.3)},
            {new PressedTube(0.6, 0.9, 0.02, 0, SKIN, SKIN), new Pressed(0.6, 0.9, 0.02)},
            {new Transformed(Round.whole(SKIN), x, y, z, at), turned},
            {
                Group.of(List.of(
                        new Box(0.6, 0, 0, 0.2, 0.2, 0.2, SKIN),
                        new Box(-0.6, 0.1, 0, 0.2, 0.3, 0.4, INSIDE),
                        new Box(0, 0.7, 0.5, 0.3, 0.1, 0.1, SKIN))),
                (Equation) (a, b, c) -> Math.min(
                        box(0.6, 0, 0, 0.2, 0.2, 0.2).at(a, b, c),
                        Math.min(
                                box(-0.6, 0.1, 0, 0.2, 0.3, 0.4).at(a, b, c),
                                box(0, 0.7, 0.5, 0.3, 0.1, 0.1).at(a, b, c)))
            },
        };
    }

    private static double value(Equation equation, Ray ray, double t) {
        return equation.at(ray.ox + t * ray.dx, ray.oy + t * ray.dy, ray.oz + t * ray.dz);
    }

    /** Where the ray first crosses, in steps and by halving; infinite where it does not. */
    private static double crossing(Equation equation, Ray ray) {
        double before = value(equation, ray, STEP / 2);
        for (double t = STEP * 1.5; t < REACH; t += STEP) {
            double here = value(equation, ray, t);
            if (before < 0 != here < 0) {
                double low = t - STEP;
                double high = t;
                for (int i = 0; i < 60; i++) {
                    double middle = (low + high) / 2;
                    if (value(equation, ray, middle) < 0 == before < 0) {
                        low = middle;
                    } else {
                        high = middle;
                    }
                }
                if (equation.bounded(ray.ox + high * ray.dx, ray.oy + high * ray.dy, ray.oz + high * ray.dz)) {
                    return high;
                }
            }
            before = here;
        }
        return Double.POSITIVE_INFINITY;
    }

    /** From outside and from inside, towards it and past it; the normal is the equation's gradient. */
    @Test(dataProvider = "kinds")
    public void metWhereItsEquationSays(Solid solid, Equation equation) {
        Random random = new Random(13);
        Ray ray = new Ray();
        Hit hit = new Hit();
        int met = 0;
        int missed = 0;
        for (int i = 0; i < 500; i++) {
            double spread = i % 3 == 0 ? 0.25 : 1.6;
            Vector3D from = Vector3D.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                    .multiply(spread);
            Vector3D to = Vector3D.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                    .multiply(0.6);
            Vector3D way = to.subtract(from).normalize();
            ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
            double expected = crossing(equation, ray);
            hit.clear(FARTHEST);
            solid.meet(ray, hit);
            if (Double.isInfinite(expected)) {
                // a graze between two steps may be met
                missed += hit.material == null ? 1 : 0;
                continue;
            }
            met++;
            if (hit.distance < expected - 1e-6) {
                // two crossings between two steps
                assertThat(Math.abs(value(equation, ray, hit.distance))).isLessThan(1e-6);
                continue;
            }
            assertThat(hit.distance).isCloseTo(expected, within(1e-7));
            assertThat(solid.blocks(ray, expected + 1e-6)).isTrue();
            assertThat(solid.blocks(ray, expected - 1e-6)).isFalse();
            double x = ray.ox + expected * ray.dx;
            double y = ray.oy + expected * ray.dy;
            double z = ray.oz + expected * ray.dz;
            double h = 1e-6;
            Vector3D gradient = Vector3D.of(
                            equation.at(x + h, y, z) - equation.at(x - h, y, z),
                            equation.at(x, y + h, z) - equation.at(x, y - h, z),
                            equation.at(x, y, z + h) - equation.at(x, y, z - h))
                    .normalize();
            assertThat(Vector3D.of(hit.nx, hit.ny, hit.nz).dot(gradient)).isGreaterThan(1 - 1e-4);
            Hit nearer = new Hit();
            nearer.clear(expected - 1e-6);
            solid.meet(ray, nearer);
            assertThat(nearer.material).isNull();
            Bounds bounds = solid.bounds();
            assertThat(x).isBetween(bounds.lowX() - 1e-7, bounds.highX() + 1e-7);
            assertThat(y).isBetween(bounds.lowY() - 1e-7, bounds.highY() + 1e-7);
            assertThat(z).isBetween(bounds.lowZ() - 1e-7, bounds.highZ() + 1e-7);
            Ball ball = solid.ball();
            assertThat(Vector3D.of(x, y, z).distance(Vector3D.of(ball.x(), ball.y(), ball.z())))
                    .isLessThanOrEqualTo(ball.radius() + 1e-7);
        }
        assertThat(met).isGreaterThan(80);
        assertThat(missed).isGreaterThan(30);
    }

    /** Boxes and balls are no larger than they need be: the ball of a half cut ball is that of the ball, of a box its half diagonal. */
    @Test
    public void boundsFit() {
        Solid box = new Box(0.1, -0.2, 0.3, 0.5, 0.3, 0.4, SKIN);
        assertThat(box.bounds()).isEqualTo(new Bounds(-0.4, -0.5, -0.10000000000000003, 0.6, 0.09999999999999998, 0.7));
        assertThat(box.ball().radius()).isCloseTo(Math.sqrt(0.25 + 0.09 + 0.16), within(1e-12));
        Solid cut = new Round(0.3, SKIN, INSIDE);
        assertThat(cut.bounds().highX()).isEqualTo(0.3);
        Solid sheet = new LeafSheet(-0.3, 0.5, SKIN);
        assertThat(sheet.bounds()).isEqualTo(new Bounds(-1, -1, -0.3, 1, 1, 0.5));
        assertThat(sheet.ball().z()).isCloseTo(0.1, within(1e-12));
        assertThat(sheet.ball().radius()).isCloseTo(Math.hypot(1, 0.4), within(1e-12));
        Solid moved = Body.posed(box, Vector3D.of(1, 2, 3), 2, 1, 0.5, Math.PI / 2);
        // turned by a quarter: what was along x, twice as long, is along y; what was along y is along -x
        Bounds bounds = moved.bounds();
        assertThat(bounds.lowX()).isCloseTo(1 - 0.1, within(1e-9));
        assertThat(bounds.highX()).isCloseTo(1 + 0.5, within(1e-9));
        assertThat(bounds.lowY()).isCloseTo(2 - 0.8, within(1e-9));
        assertThat(bounds.highY()).isCloseTo(2 + 1.2, within(1e-9));
        assertThat(bounds.lowZ()).isCloseTo(3 - 0.05, within(1e-9));
        assertThat(bounds.highZ()).isCloseTo(3 + 0.35, within(1e-9));
        Solid group = Group.of(List.of(box, new Box(1, 1, 1, 0.1, 0.1, 0.1, SKIN)));
        assertThat(group.bounds().highX()).isCloseTo(1.1, within(1e-12));
        assertThat(group.bounds().lowY()).isCloseTo(-0.5, within(1e-12));
        Bounds all = group.bounds();
        double half = Math.sqrt(all.half(0) * all.half(0) + all.half(1) * all.half(1) + all.half(2) * all.half(2));
        assertThat(group.ball().radius()).isLessThanOrEqualTo(half + 1e-12).isGreaterThan(half / 2);
        assertThat(group.pieces()).hasSize(2);
        assertThat(Body.posed(group, Vector3D.of(1, 2, 3), 2, 1, 0.5, 0.3).pieces())
                .hasSize(2);
    }

    /** A board with holes is met between them, the holes' pieces alone where they stand by themselves. */
    @Test
    public void panelsWithHoles() {
        Card card = new Card(Surface.BLACK_PAPER, 0.5, 0.3, 1, 0.6, 0.2, 0.3, -0.4)
                .withCut(Cut.of(new RoundHoles(0.03, 0.07)));
        Panel panel = card.panels().get(0);
        PanelBody board = PanelBody.of(panel, Surface.BLACK_PAPER);
        PanelBody standing = PanelBody.of(
                new Panel(
                        panel.centre(),
                        panel.across(),
                        panel.up(),
                        panel.halfWidth(),
                        panel.halfHeight(),
                        panel.pieces(),
                        true),
                Surface.BLACK_PAPER);
        assertThat(board.open()).isTrue();
        assertThat(standing.open()).isFalse();
        assertThat(PanelBody.of(panel.shut(), Surface.BLACK_PAPER).open()).isFalse();
        Random random = new Random(3);
        Ray ray = new Ray();
        Hit hit = new Hit();
        int through = 0;
        int stopped = 0;
        for (int i = 0; i < 4000; i++) {
            double across = 0.3 * (2 * random.nextDouble() - 1);
            double up = 0.2 * (2 * random.nextDouble() - 1);
            Vector3D on = panel.at(across, up);
            double off = random.nextDouble() + 0.1;
            Vector3D from = on.add(panel.normal().multiply(i % 2 == 0 ? off : -off))
                    .add(panel.across().multiply(random.nextGaussian() / 4));
            Vector3D way = on.subtract(from);
            double length = way.norm();
            ray.set(
                    from.getX(),
                    from.getY(),
                    from.getZ(),
                    way.getX() / length,
                    way.getY() / length,
                    way.getZ() / length);
            boolean inside = Math.abs(across) <= 0.25 && Math.abs(up) <= 0.15;
            boolean hole = panel.pieces().stream().anyMatch(piece -> piece.holds(across, up));
            hit.clear(FARTHEST);
            board.meet(ray, hit);
            assertThat(hit.material != null).isEqualTo(inside && !hole);
            assertThat(board.blocks(ray, FARTHEST)).isEqualTo(inside && !hole);
            assertThat(standing.blocks(ray, FARTHEST)).isEqualTo(inside && hole);
            if (hit.material != null) {
                stopped++;
                assertThat(hit.distance).isCloseTo(length, within(1e-9));
                assertThat(board.blocks(ray, length - 1e-6)).isFalse();
                assertThat(Vector3D.of(hit.nx, hit.ny, hit.nz).distance(panel.normal()))
                        .isLessThan(1e-9);
            } else if (inside) {
                through++;
            }
            assertThat(board.across(on.getX(), on.getY(), on.getZ())).isCloseTo(across, within(1e-9));
            assertThat(board.up(on.getX(), on.getY(), on.getZ())).isCloseTo(up, within(1e-9));
            assertThat(board.off(from.getX(), from.getY(), from.getZ()))
                    .isCloseTo(i % 2 == 0 ? off : -off, within(1e-9));
            for (int axis = 0; axis < 3; axis++) {
                assertThat(board.place(across, up, axis)).isCloseTo(on.toArray()[axis], within(1e-9));
            }
        }
        assertThat(through).isGreaterThan(100);
        assertThat(stopped).isGreaterThan(1000);
        assertThat(board.ball().radius()).isCloseTo(Math.hypot(0.25, 0.15), within(1e-9));
        assertThat(board.halfWidth()).isEqualTo(0.25);
        assertThat(board.halfHeight()).isEqualTo(0.15);
    }

    /** The same number for the same piece and draw, others for others, evenly from 0 to 1. */
    @Test
    public void noiseIsEvenAndTheSame() {
        double sum = 0;
        double squares = 0;
        int count = 20_000;
        for (int i = 0; i < count; i++) {
            double noise = Body.noise(i / 10, i % 10);
            assertThat(noise).isBetween(0.0, 1.0).isEqualTo(Body.noise(i / 10, i % 10));
            sum += noise / count;
            squares += noise * noise / count;
        }
        assertThat(sum).isCloseTo(0.5, within(0.01));
        assertThat(squares).isCloseTo(1 / 3.0, within(0.01));
    }
}
