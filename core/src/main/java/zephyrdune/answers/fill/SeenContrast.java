package zephyrdune.answers.fill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.SeenHero;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Stops;

/**
 * Light against shadow as the camera sees them: all light on the brightest quarter of what the frame shows of the hero against that on its
 * darkest quarter. What is seen is taken in patches; they are put in order by some samples and read by others, so that noise does not pass
 * for contrast.
 *
 * @param stops from the bright quarter down to the dark one
 * @param bright a place of the brightest patch
 * @param dark a place of the darkest
 * @param error standard error of the stops
 */
public record SeenContrast(double stops, Vector3D bright, Vector3D dark, double error) {

    /** Patches across and down the part of the frame that the hero is in. */
    private static final int COLUMNS = 8;

    private static final int ROWS = 6;

    private static final double QUARTER = 0.25;

    /** Samples of each patch, each in another place of it: by which patches are put in order, and by which each is read then. */
    private static final int ORDERING = 10;

    private static final int READING = 8;

    private static final SampleBudget BUDGET = new SampleBudget(12, 4, SampleBudget.USUAL.reflections());

    /** Off the surface, metres. */
    private static final double OFF = 1e-5;

    /** Nothing where none of the hero is seen, or where it is clear. */
    public static Optional<SeenContrast> of(TableSet set, Mix mix) {
        Scene scene = Scene.of(set);
        Tracer tracer = new Tracer(scene, BUDGET);
        List<Patch> patches = new ArrayList<>();
        for (List<CameraHit> places : SeenHero.patches(set, scene, COLUMNS, ROWS)) {
            Patch patch = new Patch(places, patches.size());
            patches.add(patch);
            patch.order = patch.light(tracer, mix, 0, ORDERING);
        }
        if (patches.size() < 2) {
            return Optional.empty();
        }
        patches.sort(Comparator.comparingDouble(patch -> patch.order));
        Quarter dark = Quarter.of(tracer, mix, patches);
        Vector3D darkest = patches.get(0).places.get(0).point();
        Collections.reverse(patches);
        Quarter bright = Quarter.of(tracer, mix, patches);
        return Optional.of(new SeenContrast(
                Stops.between(bright.light, dark.light),
                patches.get(0).places.get(0).point(),
                darkest,
                Math.hypot(bright.unsure, dark.unsure) / Math.log(2)));
    }

    /** Neighbouring places of the hero. */
    private static final class Patch {

        private final List<CameraHit> places;
        private final int seed;

        /** Light on it, by the samples that put patches in order. */
        private double order;

        Patch(List<CameraHit> places, int seed) {
            this.places = places;
            this.seed = seed;
        }

        /** Mean of so many samples from one on. */
        double light(Tracer tracer, Mix mix, int from, int samples) {
            double sum = 0;
            for (int i = from; i < from + samples; i++) {
                Cancellation.check();
                CameraHit hit = places.get(i % places.size());
                Vector3D at = hit.point().add(hit.normal().multiply(OFF));
                Vector3D out = hit.normal();
                tracer.incident(at.getX(), at.getY(), at.getZ(), out.getX(), out.getY(), out.getZ(), seed, i);
                sum += mix.light(tracer.out);
            }
            return sum / samples;
        }
    }

    /**
     * The first patches that make up a quarter of all that is seen.
     *
     * @param light mean of them
     * @param unsure its standard error over itself, by what two halves of the samples differ in
     */
    private record Quarter(double light, double unsure) {

        static Quarter of(Tracer tracer, Mix mix, List<Patch> ordered) {
            double left = QUARTER
                    * ordered.stream().mapToInt(patch -> patch.places.size()).sum();
            double whole = left;
            double sum = 0;
            double squares = 0;
            for (Patch patch : ordered) {
                if (left <= 0) {
                    break;
                }
                double share = Math.min(left, patch.places.size()) / whole;
                left -= patch.places.size();
                int half = READING / 2;
                double one = patch.light(tracer, mix, ORDERING, half);
                double other = patch.light(tracer, mix, ORDERING + half, half);
                sum += share * (one + other) / 2;
                squares += share * share * (one - other) * (one - other) / 4;
            }
            return new Quarter(sum, sum > 0 ? Math.sqrt(squares) / sum : 0);
        }
    }
}
