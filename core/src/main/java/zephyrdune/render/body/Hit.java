package zephyrdune.render.body;

import zephyrdune.render.material.Material;

/** The nearest thing a ray has met so far. One is used over and over. */
public final class Hit {

    /** Along the ray, in lengths of its direction. */
    public double distance;

    /** Unit normal, out of the body. */
    public double nx;

    public double ny;
    public double nz;

    /** What was met; nothing as long as nothing was. */
    public Material material;

    public void clear(double farthest) {
        distance = farthest;
        material = null;
    }

    public void take(double newDistance, double normalX, double normalY, double normalZ, Material met) {
        distance = newDistance;
        nx = normalX;
        ny = normalY;
        nz = normalZ;
        material = met;
    }
}
