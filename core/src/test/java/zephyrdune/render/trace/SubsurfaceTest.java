package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Diffusion;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Custard;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.geometry.Bisection;

/** Light under a surface, against plain geometry and the profile it follows. */
public class SubsurfaceTest {

    private static final double TOP = 0.05;
    private static final double HALF = 0.1;
    private static final Dish BLOCK = new Block(2 * HALF, 2 * HALF, TOP, Surface.BREAD_CRUMB);
    private static final int SAMPLES = 20_000;

    private static TableSet with(Dish dish) {
        return Sets.chowder().withDish(dish).withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER));
    }

    /** A vertex where a ray straight down comes to the hero. */
    private static PathVertex below(Scene scene, double x, double y) {
        PathVertex at = new PathVertex();
        at.begins(2);
        at.ray.set(x, y, 1, 0, 0, -1);
        at.owner = scene.meet(at.ray, at.hit);
        at.arrives(-at.hit.nz);
        at.out = at.above(at.vx, at.vy, at.vz);
        assertThat(at.owner).isEqualTo(Scene.HERO);
        return at;
    }

    private static Sampler numbers(int seed) {
        Sampler numbers = new Sampler();
        numbers.of(seed);
        return numbers;
    }

    private static Diffusion diffusion() {
        return Material.of(Surface.BREAD_CRUMB).diffusion();
    }

    @Test
    public void onALevelTopItGoesInAsFarOffAsTheProfileSays() {
        Scene scene = Scene.of(with(BLOCK));
        Subsurface subsurface = new Subsurface(scene, numbers(3));
        PathVertex at = below(scene, 0.02, -0.01);
        int[] near = new int[3];
        double[] bounds = {0.001, 0.003, 0.008};
        double sumX = 0;
        double sumY = 0;
        for (int i = 0; i < SAMPLES; i++) {
            PathVertex in = subsurface.entry(at, i);
            assertThat(in.z).isCloseTo(TOP, within(1e-5));
            assertThat(in.nz).isEqualTo(1);
            assertThat(in.inside).isTrue();
            sumX += in.x - 0.02;
            sumY += in.y + 0.01;
            for (int k = 0; k < 3; k++) {
                near[k] += Math.hypot(in.x - 0.02, in.y + 0.01) < bounds[k] ? 1 : 0;
            }
        }
        for (int k = 0; k < 3; k++) {
            assertThat(near[k] / (double) SAMPLES).isCloseTo(diffusion().within(bounds[k]), within(0.003));
        }
        assertThat(Math.hypot(sumX, sumY) / SAMPLES)
                .isLessThan(0.02 * diffusion().meanRadius());
    }

    /** Past the edge the way goes on down the side, as long as it would have been on the top. */
    @Test
    public void roundAnEdgeTheWayIsAsLong() {
        Scene scene = Scene.of(with(BLOCK));
        Subsurface subsurface = new Subsurface(scene, numbers(4));
        double toEdge = 0.001;
        PathVertex at = below(scene, HALF - toEdge, 0);
        int onSide = 0;
        int near = 0;
        double bound = 0.004;
        for (int i = 0; i < SAMPLES; i++) {
            PathVertex in = subsurface.entry(at, i);
            boolean side = in.nx == 1;
            if (side) {
                onSide++;
                assertThat(in.x).isCloseTo(HALF, within(1e-5));
            }
            // along the way: to the edge at the same slant, and down
            double level = Math.hypot(in.x - at.x, in.y - at.y);
            near += level + (TOP - in.z) < bound ? 1 : 0;
        }
        assertThat(near / (double) SAMPLES).isCloseTo(diffusion().within(bound), within(0.004));
        // of what lies farther off than the edge: for a distance r the share acos(edge / r) / pi of all directions
        GaussIntegrator rule = new GaussIntegratorFactory().legendre(200, 0, 1);
        double expected = rule.integrate(u -> {
            double radius = diffusion().radius(u);
            return radius > toEdge ? Math.acos(toEdge / radius) / Math.PI : 0;
        });
        assertThat(onSide / (double) SAMPLES).isCloseTo(expected, within(0.01));
    }

    /** Entries lie on the body wherever light comes out of it. */
    @Test
    public void alwaysOnTheBody() {
        Scene scene = Scene.of(with(new Custard(0.07, 0.055, 0.05, 1, Surface.CREAM)));
        Subsurface subsurface = new Subsurface(scene, numbers(5));
        for (double x = -0.034; x < 0.034; x += 0.0021) {
            PathVertex at = below(scene, x, 0.003);
            for (int i = 0; i < 200; i++) {
                PathVertex in = subsurface.entry(at, i);
                Ray back = new Ray();
                double off = 0.001;
                back.set(in.x + off * in.nx, in.y + off * in.ny, in.z + off * in.nz, -in.nx, -in.ny, -in.nz);
                PathVertex met = new PathVertex();
                met.hit.clear(1);
                scene.meet(Scene.HERO, back, met.hit);
                assertThat(met.hit.distance).isCloseTo(off, within(1e-5));
            }
        }
    }

    private static double seen(Tracer tracer, double x, int looks) {
        Ray ray = new Ray();
        double mean = 0;
        for (int look = 0; look < looks; look++) {
            ray.set(x, 0, 0.4, 0, 0, -1);
            // so wide that relief is left out
            tracer.trace(ray, 7, look, 1);
            mean += tracer.out[3 * Layers.KEY + 1] / looks;
        }
        return mean;
    }

    /** Across the edge of a flag's shadow: the exact light on the top, spread by the profile as published. */
    @Test
    public void aShadowsEdgeIsSpreadByTheProfile() {
        TableSet set = with(BLOCK)
                .withLight(Sets.box(0.03, 0.03, 3, 60, 1.2))
                .withCards(List.of(new Card(Surface.BLACK_PAPER, 0.3, 0.1, Math.PI / 2, 0.06, 0.055, 0, 0)));
        KeyLight key = KeyLight.of(set);
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(4));
        double open = -0.07;
        double atOpen = seen(tracer, open, 4_000);
        double rho = Surface.BREAD_CRUMB.colour().green();
        double exact = key.at(Vector3D.of(open, 0, TOP), Vector3D.Unit.PLUS_Z);
        double edge = edge(key, exact);
        GaussIntegrator distances = new GaussIntegratorFactory().legendre(40, 0, 1);
        int directions = 64;
        for (double off : new double[] {-0.004, -0.0015, 0, 0.0015, 0.004}) {
            double told = seen(tracer, edge + off, 8_000) / atOpen;
            double spread = distances.integrate(u -> {
                double radius = diffusion().radius(u);
                double sum = 0;
                for (int i = 0; i < directions; i++) {
                    double turn = 2 * Math.PI * (i + 0.5) / directions;
                    Vector3D in = Vector3D.of(edge + off + radius * Math.cos(turn), radius * Math.sin(turn), TOP);
                    sum += key.at(in, Vector3D.Unit.PLUS_Z) / directions;
                }
                return sum;
            });
            assertThat(told).as("%s", off).isCloseTo(spread / exact, within(0.015));
        }
        // evenly lit it sends back what it would if nothing were spread
        double luminance = exact / key.face().luminance();
        assertThat(atOpen).isCloseTo(rho * luminance / Math.PI, within(0.005 * atOpen));
    }

    /** Where half of the light arrives. */
    private static double edge(KeyLight key, double open) {
        return Bisection.of(-0.07, 0.05, 1e-9, x -> key.at(Vector3D.of(x, 0, TOP), Vector3D.Unit.PLUS_Z) > open / 2)
                .middle();
    }
}
