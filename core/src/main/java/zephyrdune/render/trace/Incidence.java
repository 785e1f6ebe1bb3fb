package zephyrdune.render.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.sampling.Turn;

/**
 * All light on a matte element, layer by layer, for readings: in rounds, until it is sure enough. What cards leave of the key is exact;
 * other surfaces are looked for evenly all round, in the directions of the cards, and in those in which a looking glass shows a light,
 * weighed by the balance heuristic (E. Veach and L. J. Guibas, SIGGRAPH 1995).
 */
public final class Incidence {

    private static final int SEED = 1619;
    private static final int CARD_SEED = 2718;
    private static final int ROUND = 2;
    private static final int TO_TARGET = 3;

    /**
     * Directions sampled all round in one round; to every target a third as many, and to all of them no more. Many small rounds
     * tell more of how unsure their mean is than few large ones.
     */
    private static final int SAMPLES = 32;

    /** Rays towards each face in one round, to find what stands in its way. */
    private static final int SHADOW_RAYS = 32;

    private final Target[] targets;
    private final Vector3D place;
    private final Vector3D normal;
    private final Vector3D first;
    private final Vector3D second;
    private final Vector3D start;
    private final int toEach;
    private final List<double[]> rounds = new ArrayList<>();
    private final Tracer straightOn;
    private final Tracer tracer;
    private final Sampler numbers = new Sampler();
    private final Ray ray = new Ray();

    /**
     * Of one element.
     *
     * @param scene of the set, or of the set without its hero
     */
    public Incidence(TableSet set, Scene scene, Vector3D place, Vector3D normal) {
        this.place = place;
        this.normal = normal;
        first = normal.orthogonal();
        second = normal.cross(first);
        start = place.add(normal.multiply(Scene.SKIN));
        targets = Stream.concat(set.cards().stream().flatMap(card -> targets(card, scene.lights)), glasses(scene.clear))
                .map(panel -> new Target(panel, start))
                .toArray(Target[]::new);
        toEach = Math.max(1, SAMPLES / Math.max(3, targets.length));
        straightOn = new Tracer(scene, new SampleBudget(SHADOW_RAYS, 1, SampleBudget.USUAL.reflections(), true));
        tracer = new Tracer(scene, new SampleBudget(1, 1, SampleBudget.USUAL.reflections(), true));
    }

    /**
     * Illuminance of every layer, red, green and blue in turn, for lights of luminance 1 and a room of luminance 1: by all rounds so far.
     *
     * @throws IllegalStateException before the first
     */
    public double[] light() {
        if (rounds.isEmpty()) {
            throw new IllegalStateException("nothing has been sampled yet");
        }
        double[] light = new double[rounds.get(0).length];
        for (double[] round : rounds) {
            for (int i = 0; i < light.length; i++) {
                light[i] += round[i] / rounds.size();
            }
        }
        return light;
    }

    /** The same by each round. */
    public List<double[]> rounds() {
        return List.copyOf(rounds);
    }

    /** How many rounds there are. */
    public int size() {
        return rounds.size();
    }

    /** Clear bodies, square to where they are seen from. */
    private Stream<Panel> glasses(SolidArray clear) {
        return Arrays.stream(clear.solids).map(Solid::ball).flatMap(ball -> {
            Vector3D centre = Vector3D.of(ball.x(), ball.y(), ball.z());
            Vector3D way = centre.subtract(place);
            Vector3D across = way.orthogonal();
            return way.norm() <= ball.radius()
                    ? Stream.of()
                    : Stream.of(
                            Panel.whole(centre, across, across.cross(way.normalize()), ball.radius(), ball.radius()));
        });
    }

    /** The flat parts of a card, and the lights as a looking glass shows them. */
    private Stream<Panel> targets(Card card, SceneLights lights) {
        List<Panel> panels = card.panels();
        return card.surface().finish().polished()
                ? Stream.concat(
                        panels.stream(),
                        panels.stream()
                                .flatMap(panel -> lights.faces()
                                        .filter(face -> panel.above(face.centre()) * panel.above(place) > 0)
                                        .map(face -> panel.image(face.centre(), face.acrossHalf(), face.upHalf()))))
                : panels.stream();
    }

    /** One round more: what it found by itself. */
    public double[] more() {
        int before = rounds.size();
        straightOn.straightIncident(
                place.getX(), place.getY(), place.getZ(), normal.getX(), normal.getY(), normal.getZ(), SEED, before);
        double[] sums = straightOn.out.clone();
        numbers.of(SEED);
        for (int i = 0; i < SAMPLES; i++) {
            Cancellation.check();
            int index = before * SAMPLES + i;
            numbers.at(ROUND, index);
            double out = Math.sqrt(numbers.first);
            double along = out * Turn.cosine(numbers.second);
            double across = out * Turn.sine(numbers.second);
            double above = Math.sqrt(Math.max(0, 1 - numbers.first));
            sample(first.multiply(along).add(second.multiply(across)).add(normal.multiply(above)), SEED, index, sums);
        }
        for (int k = 0; k < targets.length; k++) {
            Panel panel = targets[k].panel;
            for (int i = 0; i < toEach; i++) {
                Cancellation.check();
                int index = before * toEach + i;
                numbers.at(TO_TARGET + k, index);
                Vector3D on = panel.at(
                        (2 * numbers.first - 1) * panel.halfWidth(), (2 * numbers.second - 1) * panel.halfHeight());
                sample(on.subtract(place).normalize(), CARD_SEED + k, index, sums);
            }
        }
        rounds.add(sums);
        return sums.clone();
    }

    private void sample(Vector3D way, int seed, int index, double[] sums) {
        double cosine = way.dot(normal);
        if (cosine <= 0) {
            return;
        }
        ray.set(start.getX(), start.getY(), start.getZ(), way.getX(), way.getY(), way.getZ());
        double likely = SAMPLES * cosine / Math.PI;
        for (Target target : targets) {
            likely += toEach * target.likely(ray.dx, ray.dy, ray.dz);
        }
        tracer.arriving(ray, seed, index);
        for (int i = 0; i < sums.length; i++) {
            sums[i] += tracer.out[i] * cosine / likely;
        }
    }

    /** A panel as it is picked, in plain numbers: rays to it are looked up again and again. */
    private static final class Target {

        private final Panel panel;
        private final double[] normal;
        private final double[] across;
        private final double[] up;
        private final double halfWidth;
        private final double halfHeight;

        /** From its middle to where the rays start. */
        private final double[] from;

        private final double above;

        Target(Panel panel, Vector3D start) {
            this.panel = panel;
            normal = panel.normal().toArray();
            across = panel.across().toArray();
            up = panel.up().toArray();
            halfWidth = panel.halfWidth();
            halfHeight = panel.halfHeight();
            from = start.subtract(panel.centre()).toArray();
            above = dot(normal, from[0], from[1], from[2]);
        }

        private static double dot(double[] axis, double x, double y, double z) {
            return axis[0] * x + axis[1] * y + axis[2] * z;
        }

        /** How likely a direction is picked towards it, per steradian: evenly over its area. */
        double likely(double dx, double dy, double dz) {
            double facing = dot(normal, dx, dy, dz);
            double t = -above / facing;
            if (!(t > 0) || Double.isInfinite(t)) {
                return 0;
            }
            double x = from[0] + t * dx;
            double y = from[1] + t * dy;
            double z = from[2] + t * dz;
            boolean on = Math.abs(dot(across, x, y, z)) <= halfWidth && Math.abs(dot(up, x, y, z)) <= halfHeight;
            return on ? t * t / (Math.abs(facing) * 4 * halfWidth * halfHeight) : 0;
        }
    }
}
