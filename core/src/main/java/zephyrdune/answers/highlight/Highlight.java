package zephyrdune.answers.highlight;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.material.Material;
import zephyrdune.render.picture.HeroBounds;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Pose;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Stops;

/**
 * The largest image of the key in a shiny hero, as a smooth mirror of its shape would show it; a rough surface spreads it further.
 *
 * @param place in its middle, on the hero, metres
 * @param length of its longer side, across the line of sight, metres
 * @param width of its shorter side
 * @param above how much brighter it is than half of what is seen of the hero, stops
 * @param roughness of the surface there, 0 for a mirror
 */
public record Highlight(Vector3D place, double length, double width, double above, double roughness) {

    private static final int COLUMNS = 84;
    private static final int ROWS = 56;
    private static final int SAMPLES = 8;

    /** Places that the hero's own brightness is the median of, each with so many samples. */
    private static final int AROUND = 16;

    private static final int SAMPLES_AROUND = 4;

    /** Mirrored rays start so far off the surface, metres. */
    private static final double OFF = 1e-6;

    /** A place of the hero where the key is mirrored to the camera, or one where it is not. */
    private record Seen(int cell, Vector3D way, Vector3D point, double roughness, boolean mirrors) {}

    /** Round the light's face: most mirrored rays do not come near it. */
    private record Ball(Vector3D middle, double radius) {

        static Ball of(Pose pose) {
            return new Ball(
                    pose.centre(),
                    Math.hypot(pose.acrossHalf().norm(), pose.upHalf().norm()));
        }

        boolean missed(Vector3D from, Vector3D way) {
            Vector3D towards = middle.subtract(from);
            double along = towards.dot(way);
            return along < -radius || towards.normSq() - along * along > radius * radius;
        }
    }

    /** Nothing where the hero is matte, or mirrors no light to the camera. */
    public static Optional<Highlight> of(TableSet set, Mix mix) {
        Scene scene = Scene.of(set);
        Perspective view = Perspective.of(set);
        Seen[] grid = new Seen[COLUMNS * ROWS];
        List<Seen> hero = new ArrayList<>();
        HeroBounds bounds = HeroBounds.of(set);
        Ball face = Ball.of(set.pose());
        for (int cell = 0; !bounds.empty() && cell < grid.length; cell++) {
            Cancellation.check();
            grid[cell] = seen(view, bounds, scene, face, cell);
            if (grid[cell] != null) {
                hero.add(grid[cell]);
            }
        }
        List<Seen> image = largest(grid);
        return image.isEmpty() ? Optional.empty() : Optional.of(of(set, mix, scene, view, hero, image));
    }

    private static boolean shiny(Material material) {
        return material.metal() || material.coated() || material.clear();
    }

    private static Seen seen(Perspective view, HeroBounds bounds, Scene scene, Ball face, int cell) {
        Vector3D way = view.ray(bounds.across(cell % COLUMNS, COLUMNS), bounds.down(cell / COLUMNS, ROWS));
        Ray ray = new Ray();
        Hit hit = new Hit();
        set(ray, view.eye(), way);
        if (scene.meet(ray, hit) != Scene.HERO) {
            return null;
        }
        Vector3D normal = Vector3D.of(hit.nx, hit.ny, hit.nz);
        Vector3D out = normal.dot(way) > 0 ? normal.negate() : normal;
        Vector3D point = view.eye().add(way.multiply(hit.distance));
        Material material = hit.material;
        return new Seen(cell, way, point, material.alpha(), shiny(material) && meetsKey(scene, face, point, out, way));
    }

    private static boolean meetsKey(Scene scene, Ball face, Vector3D point, Vector3D out, Vector3D way) {
        Vector3D mirrored = way.subtract(out.multiply(2 * way.dot(out)));
        if (face.missed(point, mirrored)) {
            return false;
        }
        Ray ray = new Ray();
        Hit hit = new Hit();
        set(ray, point.add(out.multiply(OFF)), mirrored);
        return scene.meet(ray, hit) == Scene.KEY_FACE
                && hit.nx * mirrored.getX() + hit.ny * mirrored.getY() + hit.nz * mirrored.getZ() < 0;
    }

    private static void set(Ray ray, Vector3D from, Vector3D way) {
        ray.set(from.getX(), from.getY(), from.getZ(), way.getX(), way.getY(), way.getZ());
    }

    /** The largest group of neighbouring places that mirror the key. */
    private static List<Seen> largest(Seen[] grid) {
        boolean[] done = new boolean[grid.length];
        List<Seen> largest = List.of();
        for (int cell = 0; cell < grid.length; cell++) {
            List<Seen> group = new ArrayList<>();
            Deque<Integer> due = new ArrayDeque<>(List.of(cell));
            while (!due.isEmpty()) {
                int at = due.pop();
                if (!done[at] && grid[at] != null && grid[at].mirrors) {
                    done[at] = true;
                    group.add(grid[at]);
                    neighbours(at, due);
                }
            }
            largest = group.size() > largest.size() ? group : largest;
        }
        return largest;
    }

    private static void neighbours(int cell, Deque<Integer> due) {
        int column = cell % COLUMNS;
        int row = cell / COLUMNS;
        for (int dx = -1; dx <= 1; dx++) {
            for (int dy = -1; dy <= 1; dy++) {
                if (column + dx >= 0 && column + dx < COLUMNS && row + dy >= 0 && row + dy < ROWS) {
                    due.push((row + dy) * COLUMNS + column + dx);
                }
            }
        }
    }

    private static Highlight of(
            TableSet set, Mix mix, Scene scene, Perspective view, List<Seen> hero, List<Seen> image) {
        Vector3D right = view.rightHalf().normalize();
        Vector3D up = view.upHalf().normalize();
        HeroBounds bounds = HeroBounds.of(set);
        double across = extent(image, right) + set.camera().framedWidth() * (bounds.right() - bounds.left()) / COLUMNS;
        double high = extent(image, up) + set.camera().framedHeight() * (bounds.bottom() - bounds.top()) / ROWS;
        Seen middle = middle(image);
        Tracer tracer = new Tracer(scene, SampleBudget.USUAL);
        double bright = image.stream()
                .sorted((one, other) ->
                        Double.compare(one.point.distance(middle.point), other.point.distance(middle.point)))
                .limit(4)
                .mapToDouble(place -> light(tracer, mix, view, place, SAMPLES))
                .average()
                .orElseThrow();
        List<Seen> others = hero.stream().filter(place -> !place.mirrors).toList();
        double[] levels = new double[Math.min(AROUND, others.size())];
        Arrays.setAll(
                levels,
                i -> light(
                        tracer,
                        mix,
                        view,
                        others.get((int) ((i + 0.5) * others.size() / levels.length)),
                        SAMPLES_AROUND));
        Arrays.sort(levels);
        double usual = levels.length == 0 ? bright : levels[levels.length / 2];
        return new Highlight(
                middle.point,
                Math.max(across, high),
                Math.min(across, high),
                Stops.between(bright, usual),
                middle.roughness);
    }

    private static double extent(List<Seen> image, Vector3D along) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Seen place : image) {
            least = Math.min(least, place.point.dot(along));
            most = Math.max(most, place.point.dot(along));
        }
        return most - least;
    }

    /** The place nearest to the mean of all. */
    private static Seen middle(List<Seen> image) {
        Vector3D mean = image.stream()
                .map(Seen::point)
                .reduce(Vector3D.ZERO, Vector3D::add)
                .multiply(1.0 / image.size());
        return image.stream()
                .min((one, other) -> Double.compare(one.point.distance(mean), other.point.distance(mean)))
                .orElseThrow();
    }

    private static double light(Tracer tracer, Mix mix, Perspective view, Seen place, int samples) {
        Ray ray = new Ray();
        double sum = 0;
        for (int i = 0; i < samples; i++) {
            set(ray, view.eye(), place.way);
            tracer.trace(ray, place.cell, i, 0);
            sum += mix.light(tracer.out);
        }
        return sum / samples;
    }
}
