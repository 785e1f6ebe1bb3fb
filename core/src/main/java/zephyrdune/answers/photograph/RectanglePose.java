package zephyrdune.answers.photograph;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.apache.commons.geometry.euclidean.twod.Vector2D;
import zephyrdune.units.geometry.Homography;
import zephyrdune.units.measure.Refused;

/**
 * How a rectangle of known sides lies, from the homography that maps it to its four corners in the picture.
 *
 * <p>Its sides are at right angles and of known lengths: two equations for the focal length where nobody knows it (Z. Zhang, A flexible new
 * technique for camera calibration, IEEE PAMI 22, 2000, equations 3 and 4).
 */
final class RectanglePose {

    /** Longest and shortest focal lengths that are believed, picture widths. */
    private static final double SHORTEST = 0.3;

    private static final double LONGEST = 20;

    private RectanglePose() {}

    /** The camera that sees a rectangle so. */
    static Pinhole camera(FlatRectangle rectangle, double height) {
        requireRound(rectangle, height);
        Homography map = homography(rectangle, height);
        return new Pinhole(focal(map.column(0), map.column(1)), height);
    }

    static TableView view(FlatRectangle rectangle, Pinhole camera) {
        requireRound(rectangle, camera.height());
        Homography map = homography(rectangle, camera.height());
        Vector3D first = map.column(0);
        Vector3D second = map.column(1);
        Vector3D one = inSpace(first, camera);
        Vector3D other = inSpace(second, camera);
        double scale = Math.sqrt(one.norm() * other.norm());
        Vector3D corner = inSpace(map.column(2), camera);
        Vector3D middle = corner.add(one.multiply(rectangle.first() / 2))
                .add(other.multiply(rectangle.second() / 2))
                .multiply(1 / scale);
        Vector3D normal = one.cross(other).normalize();
        Vector3D before = middle.getZ() > 0 ? middle : middle.negate();
        return new TableView(camera, normal.dot(before) < 0 ? normal : normal.negate(), before);
    }

    /** From the rectangle's plane in metres to the picture in picture widths. */
    private static Homography homography(FlatRectangle rectangle, double height) {
        Vector2D[] plane = {
            Vector2D.ZERO,
            Vector2D.of(rectangle.first(), 0),
            Vector2D.of(rectangle.first(), rectangle.second()),
            Vector2D.of(0, rectangle.second())
        };
        return Homography.of(plane, corners(rectangle, height)).orElseThrow(RectanglePose::crossed);
    }

    private static Vector2D[] corners(FlatRectangle rectangle, double height) {
        return rectangle.corners().stream()
                .map(corner -> Vector2D.of(corner.across() - 0.5, (0.5 - corner.down()) * height))
                .toArray(Vector2D[]::new);
    }

    private static double focal(Vector3D first, Vector3D second) {
        double square = first.getX() * second.getX() + first.getY() * second.getY();
        double squareRest = first.getZ() * second.getZ();
        double equal = first.getX() * first.getX()
                + first.getY() * first.getY()
                - second.getX() * second.getX()
                - second.getY() * second.getY();
        double equalRest = first.getZ() * first.getZ() - second.getZ() * second.getZ();
        // square / f^2 + squareRest = 0 and equal / f^2 + equalRest = 0, by least squares
        double inverse = -(square * squareRest + equal * equalRest) / (square * square + equal * equal);
        double focal = Math.sqrt(1 / inverse);
        if (!(focal > SHORTEST && focal < LONGEST)) {
            throw new Refused(
                    "lens",
                    "From this angle the rectangle does not tell the lens; say which lens the photograph was taken with");
        }
        return focal;
    }

    private static Vector3D inSpace(Vector3D column, Pinhole camera) {
        return Vector3D.of(column.getX() / camera.focal(), column.getY() / camera.focal(), column.getZ());
    }

    /** Corners one after the other, round a shape without a dent. */
    private static void requireRound(FlatRectangle rectangle, double height) {
        Homography.turn(corners(rectangle, height)).orElseThrow(RectanglePose::crossed);
    }

    private static Refused crossed() {
        return new Refused(
                "plane.corners",
                "These are not the corners of a rectangle one after the other; put each mark on its corner");
    }
}
