package zephyrdune.render.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/**
 * The light along a line drawn over the picture, measured on the surface it falls on.
 *
 * @param points evenly spaced along the line
 * @param width from a tenth to nine tenths of the key's open light, metres; absent when the line does not reach both
 * @param depth between the brightest and the darkest point, all light together, stops
 */
public record EdgeProfile(List<Point> points, OptionalDouble width, double depth) {

    private static final int POINTS = 121;

    /** Looks from each point, each with so many rays to the lights. */
    private static final int SAMPLES = 48;

    private static final int SHADOW_RAYS = 16;
    private static final double LOW = 0.1;
    private static final double HIGH = 0.9;

    /**
     * A place on the line.
     *
     * @param along from the start of the line, on the surface, metres
     * @param light all of it, stops from the hero's
     * @param open share of the key's light that arrives, 0 to 1
     */
    public record Point(double along, double light, double open) {}

    public EdgeProfile {
        points = List.copyOf(points);
    }

    /**
     * @param fromAcross start of the line in the frame, 0 to 1 from the left, and so on
     * @throws Refused when the line does not lie on one flat surface
     */
    public static EdgeProfile of(TableSet set, double fromAcross, double fromDown, double toAcross, double toDown) {
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        CameraHit from = place(view, scene, fromAcross, fromDown);
        CameraHit to = place(view, scene, toAcross, toDown);
        double length = from.point().distance(to.point());
        boolean flat = from.normal().dot(to.normal()) > 1 - 1e-9
                && Math.abs(to.point().subtract(from.point()).dot(from.normal())) < 1e-6;
        if (from.owner() != to.owner() || !flat) {
            throw new Refused("to", "The line has to lie on one flat surface, such as the table top; draw it again");
        }
        if (length < 1e-4) {
            throw new Refused("to", "The line is too short to measure along; draw it right across the edge");
        }
        Mix mix = Mix.of(set, Set.of());
        KeyLight key = KeyLight.of(set);
        Illuminance open = Illuminance.of(key.face().withLuminance(1), Illuminance.FINE);
        Tracer tracer = new Tracer(scene, new SampleBudget(SHADOW_RAYS, 1, SampleBudget.USUAL.reflections()));
        double hero = key.heroIlluminance() / key.face().luminance() * mix.weight(Layers.KEY);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < POINTS; i++) {
            Cancellation.check();
            double share = i / (POINTS - 1.0);
            Vector3D point = from.point().lerp(to.point(), share);
            double[] light = light(tracer, mix, point, from.normal(), i);
            double full = open.at(point, from.normal());
            points.add(new Point(
                    share * length, Stops.between(light[1], hero), full == 0 ? 0 : Math.max(0, light[0] / full)));
        }
        return new EdgeProfile(points, width(points), depth(points));
    }

    /** The key's own light at a point, per luminance, and all of it by the mix. */
    private static double[] light(Tracer tracer, Mix mix, Vector3D point, Vector3D normal, int seed) {
        double straight = 0;
        double all = 0;
        for (int look = 0; look < SAMPLES; look++) {
            tracer.incident(
                    point.getX(), point.getY(), point.getZ(), normal.getX(), normal.getY(), normal.getZ(), seed, look);
            straight += tracer.out[3 * Layers.KEY + 1] / SAMPLES;
            all += mix.light(tracer.out) / SAMPLES;
        }
        return new double[] {straight, Math.max(all, Double.MIN_NORMAL)};
    }

    private static CameraHit place(Perspective view, Scene scene, double across, double down) {
        if (!(across >= 0 && across <= 1 && down >= 0 && down <= 1)) {
            throw new Refused("from", "The line has to lie in the frame: its ends are from 0 to 1 across and down");
        }
        return CameraHit.of(view, scene, across, down)
                .filter(seen -> seen.owner() != Scene.KEY_FACE && seen.owner() != Scene.BASE_FACE)
                .orElseThrow(() -> new Refused(
                        "from", "There is no surface here that light falls on; draw the line on the table or a dish"));
    }

    /** Distance between the places where the open share crosses a tenth and nine tenths, in straight lines between points. */
    private static OptionalDouble width(List<Point> points) {
        OptionalDouble low = crossing(points, LOW);
        OptionalDouble high = crossing(points, HIGH);
        return low.isPresent() && high.isPresent()
                ? OptionalDouble.of(Math.abs(high.getAsDouble() - low.getAsDouble()))
                : OptionalDouble.empty();
    }

    private static OptionalDouble crossing(List<Point> points, double level) {
        for (int i = 1; i < points.size(); i++) {
            Point before = points.get(i - 1);
            Point after = points.get(i);
            if (before.open < level != after.open < level) {
                double share = (level - before.open) / (after.open - before.open);
                return OptionalDouble.of(before.along + share * (after.along - before.along));
            }
        }
        return OptionalDouble.empty();
    }

    private static double depth(List<Point> points) {
        double most = points.stream().mapToDouble(Point::light).max().orElseThrow();
        double least = points.stream().mapToDouble(Point::light).min().orElseThrow();
        return most - least;
    }
}
