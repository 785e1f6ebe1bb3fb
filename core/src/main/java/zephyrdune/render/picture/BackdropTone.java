package zephyrdune.render.picture;

import java.util.Locale;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Backdrop;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Stops;

/**
 * How bright the backdrop comes out in the frame straight behind the hero, by all light and as the camera looks at it there, in stops from mid
 * grey. A white wall becomes grey or black when it is far enough behind.
 *
 * @param place in the middle of the patch that is looked at, metres
 * @param stops from a surface of 18 % under a correct exposure
 */
public record BackdropTone(Vector3D place, double stops) {

    /** What such a tone is called; the limits between them are common practice, no published source. */
    public enum Name {
        BLACK(-4),
        DARK_GREY(-2),
        MID_GREY(0),
        LIGHT_GREY(1.25),
        WHITE(2.3);

        private final double stops;

        Name(double stops) {
            this.stops = stops;
        }

        /** As it is said: "dark grey". */
        public String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        /** Stops from mid grey that the name stands for. */
        public double stops() {
            return stops;
        }
    }

    /** Looks into the patch, evenly spread over so many rows of as many, each in another place of the surface's relief. */
    private static final int ROWS = 12;

    private static final double PATCH = 0.06;

    /** Nothing that stands nearer to the camera than this is in the way, metres. */
    private static final double BEFORE = 0.002;

    /** The middle of the patch: at the height of the hero's lit top, or of as much of the backdrop as there is. */
    public static Vector3D place(TableSet set) {
        Backdrop backdrop = set.backdrop();
        double height = Math.min(set.dish().top(), backdrop.height() - PATCH / 2);
        return Vector3D.of(0, backdrop.distance(), Math.max(PATCH / 2, height));
    }

    public static BackdropTone of(TableSet set, Mix mix) {
        Vector3D middle = place(set);
        Vector3D eye = Perspective.of(set).eye();
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.USUAL);
        double sum = 0;
        for (int i = 0; i < ROWS * ROWS; i++) {
            Cancellation.check();
            double across = ((i % ROWS + 0.5) / ROWS - 0.5) * PATCH;
            double up = ((i / ROWS + 0.5) / ROWS - 0.5) * PATCH;
            Vector3D place = middle.add(Vector3D.of(across, 0, up));
            Vector3D way = place.subtract(eye).normalize();
            Vector3D start = place.subtract(way.multiply(BEFORE / way.getY()));
            Ray ray = new Ray();
            ray.set(start.getX(), start.getY(), start.getZ(), way.getX(), way.getY(), way.getZ());
            tracer.trace(ray, i, 0, PATCH / ROWS / place.distance(eye));
            sum += mix.light(tracer.out);
        }
        return new BackdropTone(middle, Stops.between(sum / (ROWS * ROWS), CorrectExposure.MID_GREY));
    }
}
