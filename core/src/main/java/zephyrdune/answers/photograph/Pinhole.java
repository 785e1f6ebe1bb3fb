package zephyrdune.answers.photograph;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A camera without distortion whose axis goes through the middle of the picture. Its space has x to the right, y up in the picture and z
 * forward; lengths in the picture are in picture widths.
 *
 * @param focal length, picture widths
 * @param height of the picture, picture widths
 */
record Pinhole(double focal, double height) {

    /** Towards what is seen at a mark, not of unit length. */
    Vector3D ray(Mark mark) {
        return Vector3D.of(mark.across() - 0.5, (0.5 - mark.down()) * height, focal);
    }

    /** Where a point of its space appears, as shares across and down that may lie outside. */
    double[] project(Vector3D point) {
        double x = focal * point.getX() / point.getZ();
        double y = focal * point.getY() / point.getZ();
        return new double[] {0.5 + x, 0.5 - y / height};
    }
}
