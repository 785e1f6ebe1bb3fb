package zephyrdune.set.light;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A flat face that the bare source lights from a point off its middle, at which it is aimed. */
public sealed interface LitByPoint permits FromBehind, OffBoard {

    /** From the source to the middle of the face, metres. */
    double gap();

    /** From square to the face, radians. */
    double aside();

    /** From square to the face, radians. */
    double above();

    /** From the face's middle to the source: along the face's width, its height, and away from it. */
    default Vector3D source() {
        return Vector3D.of(
                        Math.sin(aside()) * Math.cos(above()), Math.sin(above()), Math.cos(aside()) * Math.cos(above()))
                .multiply(gap());
    }
}
