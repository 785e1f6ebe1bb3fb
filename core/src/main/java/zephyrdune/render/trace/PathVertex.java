package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

/** One stop on a path of light, with the ray that leads to it; one for every level of a path, used over and over. */
final class PathVertex {

    final Ray ray = new Ray();
    final Hit hit = new Hit();

    /** What the light found from here on counts for, red, green and blue. */
    double red;

    double green;
    double blue;

    /** Layer of the key's light found from here on, unless it comes by way of a wall or card. */
    int layer;

    /** Matte or rough surfaces on the way so far. */
    int reflections;

    /** Boundaries of glass so far at which both ways were followed. */
    int splits;

    /** How likely the ray was picked, per steradian, or one of {@link Tracer#COUNTED} and {@link Tracer#SHARP}. */
    double chance;

    /** What the ray runs in, null for air. */
    Medium medium;

    /** Whether the room's own light counts where the ray ends. */
    boolean open;

    /** Sample numbers to go on with. */
    int dimension;

    // where the ray ends: what was met, a point just off it, its normals and the way back
    int owner;
    Material material;
    double x;
    double y;
    double z;

    /** Normal towards the eye, leaning with the relief. */
    double nx;

    double ny;
    double nz;

    /** Normal towards the eye of the smooth surface; nothing arrives from below it. */
    double gx;

    double gy;
    double gz;

    /** Towards where the path comes from. */
    double vx;

    double vy;
    double vz;

    /** Cosine between that and the normal. */
    double out;

    /** Takes over from the place before, for a ray that is not set yet. */
    void follows(PathVertex before, double share, double howLikely) {
        red = before.red * share;
        green = before.green * share;
        blue = before.blue * share;
        layer = before.layer;
        reflections = before.reflections;
        splits = before.splits;
        chance = howLikely;
        medium = null;
        open = before.open;
        dimension = before.dimension + Tracer.PER_REFLECTION;
    }

    /** Cosine between a direction and the normal. */
    double above(double dx, double dy, double dz) {
        return dx * nx + dy * ny + dz * nz;
    }

    /** Whether a direction comes from the open side of the smooth surface. */
    boolean faces(double dx, double dy, double dz) {
        return dx * gx + dy * gy + dz * gz > 0;
    }

    /** Turns the normals to the other side of a thin sheet. */
    void turnOver() {
        double shift = 2 * Scene.SKIN;
        x -= shift * gx;
        y -= shift * gy;
        z -= shift * gz;
        nx = -nx;
        ny = -ny;
        nz = -nz;
        gx = -gx;
        gy = -gy;
        gz = -gz;
    }
}
