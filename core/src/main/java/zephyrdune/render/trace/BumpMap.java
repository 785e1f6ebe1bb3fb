package zephyrdune.render.trace;

import zephyrdune.render.material.Grain;
import zephyrdune.set.surface.Relief;

/** The relief of what the eye sees, each body's in its own frame. Works in place; used by one thread. */
final class BumpMap {

    /** Relief whose size takes fewer pixels is left out. */
    private static final double LEAST_PIXELS = 0.1;

    /** Least cosine between the leaning normal and the way to the eye. */
    private static final double LEAST_FACING = 0.02;

    private final Scene scene;
    private final double[] own = new double[3];
    private final double[] lean = new double[3];
    private final Grain grain = new Grain();

    BumpMap(Scene scene) {
        this.scene = scene;
    }

    /**
     * Leans the normal of a place that the eye sees; returns the place's tone.
     *
     * @param footprint width of the pixel at unit distance
     */
    double lean(PathVertex at, double footprint) {
        Relief relief = at.material.relief();
        if (relief == null || relief.pattern() == Relief.Pattern.SMOOTH) {
            return 1;
        }
        double pixels = relief.size() / (footprint * at.hit.distance);
        if (pixels < LEAST_PIXELS) {
            return 1;
        }
        scene.poses.own(at.owner, at.x, at.y, at.z, own);
        lean[0] = at.gx;
        lean[1] = at.gy;
        lean[2] = at.gz;
        scene.poses.turn(at.owner, false, lean);
        grain.at(relief, pixels, own[0], own[1], own[2], lean[0], lean[1], lean[2]);
        lean[0] = grain.nx();
        lean[1] = grain.ny();
        lean[2] = grain.nz();
        scene.poses.turn(at.owner, true, lean);
        if (lean[0] * at.vx + lean[1] * at.vy + lean[2] * at.vz > LEAST_FACING) {
            at.nx = lean[0];
            at.ny = lean[1];
            at.nz = lean[2];
        }
        return grain.tone(relief);
    }
}
