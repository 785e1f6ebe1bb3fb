package zephyrdune.answers.frame;

import java.util.List;
import java.util.function.Function;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.geometry.Homography;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * How a frame lies on the picture that was predicted of it: four points of it, and where the picture has them. What the camera's pose leaves
 * out, a cropped file or a camera that stood a little aside, is made up for.
 *
 * @param ratio width of the picture over its height
 * @param points one after the other round a shape without a dent, in the frame and in the picture alike
 */
public record FrameRegistration(
        @Within(min = 0.1, max = 10, unit = Unit.RATIO) double ratio,

        @Count(min = Homography.POINTS, max = Homography.POINTS)
        List<PointPair> points) {

    private static final Limits LIMITS = Limits.of(FrameRegistration.class);
    private static final CountLimit POINTS = Limits.count(FrameRegistration.class, "points");

    /**
     * A point of the frame and the same in the picture, each as shares of width and height from the upper left corner. In the picture it may lie
     * outside.
     */
    public record PointPair(
            @Within(min = 0, max = 1, unit = Unit.RATIO) double frameAcross,
            @Within(min = 0, max = 1, unit = Unit.RATIO) double frameDown,
            @Within(min = -1, max = 2, unit = Unit.RATIO) double pictureAcross,
            @Within(min = -1, max = 2, unit = Unit.RATIO) double pictureDown) {

        private static final Limits LIMITS = Limits.of(PointPair.class);

        public PointPair {
            LIMITS.require(frameAcross, frameDown, pictureAcross, pictureDown);
        }

        private Vector2D inFrame() {
            return Vector2D.of(frameAcross, frameDown);
        }

        private Vector2D inPicture() {
            return Vector2D.of(pictureAcross, pictureDown);
        }
    }

    public FrameRegistration {
        LIMITS.require(ratio);
        points = POINTS.copy(points);
        if (turn(points, PointPair::inFrame) != turn(points, PointPair::inPicture)) {
            throw crossed();
        }
    }

    private static int turn(List<PointPair> points, Function<PointPair, Vector2D> where) {
        return Homography.turn(all(points, where)).orElseThrow(FrameRegistration::crossed);
    }

    private static Vector2D[] all(List<PointPair> points, Function<PointPair, Vector2D> where) {
        return points.stream().map(where).toArray(Vector2D[]::new);
    }

    private static Refused crossed() {
        return new Refused(
                "points",
                "The four points cross, or lie in a line: keep them round a shape without a dent, in the same order as in the frame");
    }

    /** A frame as the picture would have it, as many pixels across; where the picture reaches beyond the frame, no number. */
    public Picture laid(Picture frame) {
        Homography map = Homography.of(all(points, PointPair::inPicture), all(points, PointPair::inFrame))
                .orElseThrow(FrameRegistration::crossed);
        int width = frame.width();
        int height = (int) Math.max(1, Math.round(width / ratio));
        float[] linear = new float[3 * width * height];
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                Vector2D place = map.apply((column + 0.5) / width, (row + 0.5) / height);
                read(frame, place, linear, 3 * (row * width + column));
            }
        }
        return new Picture(width, height, linear);
    }

    private static void read(Picture frame, Vector2D place, float[] into, int at) {
        boolean inside = place.getX() >= 0 && place.getY() >= 0 && place.getX() <= 1 && place.getY() <= 1;
        for (int channel = 0; channel < 3; channel++) {
            into[at + channel] = inside ? (float) frame.between(place.getX(), place.getY(), channel) : Float.NaN;
        }
    }
}
