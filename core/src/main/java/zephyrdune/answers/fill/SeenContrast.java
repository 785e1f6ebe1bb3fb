package zephyrdune.answers.fill;

import java.util.ArrayList;
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
 * darkest quarter. Places are put in order by some samples and read by others, so that noise does not pass for contrast.
 *
 * @param stops from the bright quarter down to the dark one
 * @param bright the brightest place
 * @param dark the darkest
 * @param error standard error of the stops
 */
public record SeenContrast(double stops, Vector3D bright, Vector3D dark, double error) {

    /** Places read, evenly spread over what is seen; fewer than the least say nothing. */
    private static final int PLACES = 40;

    private static final int LEAST = 8;

    /** Samples by which places are put in order, and by which each is read then. */
    private static final int ORDERING = 2;

    private static final int READING = 8;

    private static final SampleBudget BUDGET = new SampleBudget(12, 4, SampleBudget.USUAL.reflections());

    /** Off the surface, metres. */
    private static final double OFF = 1e-5;

    /** Nothing where hardly any of the hero is seen, or where it is clear. */
    public static Optional<SeenContrast> of(TableSet set, Mix mix) {
        Scene scene = Scene.of(set);
        List<CameraHit> seen = SeenHero.places(set, scene, PLACES);
        int count = seen.size();
        if (count < LEAST) {
            return Optional.empty();
        }
        Tracer tracer = new Tracer(scene, BUDGET);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            places.add(new Place(seen.get(i), i, light(tracer, mix, seen.get(i), i, 0, ORDERING)));
        }
        places.sort(Comparator.comparingDouble(Place::order));
        Quarter dark = Quarter.of(tracer, mix, places.subList(0, count / 4));
        Quarter bright = Quarter.of(tracer, mix, places.subList(count - count / 4, count));
        return Optional.of(new SeenContrast(
                Stops.between(bright.light, dark.light),
                places.get(count - 1).hit.point(),
                places.get(0).hit.point(),
                Math.hypot(bright.unsure, dark.unsure) / Math.log(2)));
    }

    private static double light(Tracer tracer, Mix mix, CameraHit hit, int seed, int from, int samples) {
        Vector3D at = hit.point().add(hit.normal().multiply(OFF));
        Vector3D out = hit.normal();
        double sum = 0;
        for (int i = from; i < from + samples; i++) {
            Cancellation.check();
            tracer.incident(at.getX(), at.getY(), at.getZ(), out.getX(), out.getY(), out.getZ(), seed, i);
            sum += mix.light(tracer.out);
        }
        return sum / samples;
    }

    /** @param order light on it, by the samples that put places in order */
    private record Place(CameraHit hit, int seed, double order) {}

    /**
     * Some places together.
     *
     * @param light mean of them
     * @param unsure its standard error over itself, by what two halves of the samples differ in
     */
    private record Quarter(double light, double unsure) {

        static Quarter of(Tracer tracer, Mix mix, List<Place> places) {
            double sum = 0;
            double squares = 0;
            for (Place place : places) {
                int half = READING / 2;
                double one = Quarter.read(tracer, mix, place, ORDERING);
                double other = Quarter.read(tracer, mix, place, ORDERING + half);
                sum += (one + other) / 2;
                squares += (one - other) * (one - other) / 4;
            }
            return new Quarter(sum / places.size(), sum > 0 ? Math.sqrt(squares) / sum : 0);
        }

        private static double read(Tracer tracer, Mix mix, Place place, int from) {
            return SeenContrast.light(tracer, mix, place.hit, place.seed, from, READING / 2);
        }
    }
}
