package zephyrdune.server.answers;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** A place on the set, metres from the hero point. */
record Point(double x, double y, double z) {

    static Point of(Vector3D vector) {
        return new Point(vector.getX(), vector.getY(), vector.getZ());
    }
}
