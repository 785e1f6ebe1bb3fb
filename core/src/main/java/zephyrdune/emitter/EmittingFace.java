package zephyrdune.emitter;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.table.Softbox;

/**
 * A flat rectangular face of even luminance that gives light to one side, the same luminance in every direction
 * (Lambertian). Seen from the lit side, across points to the left when up points up.
 *
 * @param centre metres
 * @param acrossHalf from the centre to the middle of a side edge, metres
 * @param upHalf from the centre to the middle of the upper edge, square to the former, metres
 * @param luminance cd/m²
 */
public record EmittingFace(Vector3D centre, Vector3D acrossHalf, Vector3D upHalf, double luminance) {

    /** The face of a softbox, with a luminance of 1 cd/m²: every reading is a ratio in which it cancels. */
    public static EmittingFace of(Softbox box) {
        return new EmittingFace(
                box.centre(),
                box.widthAxis().multiply(box.width() / 2),
                box.heightAxis().multiply(box.height() / 2),
                1);
    }

    /** Unit vector out of the lit side. */
    public Vector3D front() {
        return upHalf.cross(acrossHalf).normalize();
    }

    /** Square metres. */
    public double area() {
        return 4 * acrossHalf.norm() * upHalf.norm();
    }

    /** Luminous intensity along {@link #front()}: L A, candela. */
    public double axialIntensity() {
        return luminance * area();
    }

    /** Corners, clockwise as seen from the lit side. */
    public List<Vector3D> corners() {
        return List.of(at(-1, -1), at(1, -1), at(1, 1), at(-1, 1));
    }

    /** The point at (across, up) on the face, each from -1 to 1. */
    public Vector3D at(double across, double up) {
        return centre.add(acrossHalf.multiply(across)).add(upHalf.multiply(up));
    }
}
