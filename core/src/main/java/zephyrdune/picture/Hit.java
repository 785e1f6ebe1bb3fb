package zephyrdune.picture;

import zephyrdune.table.Surface;

/** The nearest thing a ray has met so far. One is reused along a whole row of pixels. */
final class Hit {

    /** Distance along the ray, metres. */
    double distance;

    /** Unit normal, turned towards where the ray came from. */
    double nx;

    double ny;
    double nz;

    /** What was met; nothing when the ray met the lit or the back side of the light. */
    Surface surface;

    /** Whether the ray met the lit side of the light's face. */
    boolean light;

    void clear(double farthest) {
        distance = farthest;
        surface = null;
        light = false;
    }

    boolean found(double farthest) {
        return distance < farthest;
    }

    /** Takes the nearer surface, with its normal turned against the ray (dx, dy, dz). */
    void take(
            double newDistance,
            double normalX,
            double normalY,
            double normalZ,
            double dx,
            double dy,
            double dz,
            Surface met) {
        double side = normalX * dx + normalY * dy + normalZ * dz > 0 ? -1 : 1;
        distance = newDistance;
        nx = side * normalX;
        ny = side * normalY;
        nz = side * normalZ;
        surface = met;
        light = false;
    }
}
