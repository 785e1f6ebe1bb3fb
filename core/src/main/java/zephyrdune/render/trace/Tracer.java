package zephyrdune.render.trace;

import zephyrdune.render.body.Ray;

/**
 * Follows light backwards along rays (J. T. Kajiya, The rendering equation, SIGGRAPH 1986), layer by layer, for lights of
 * luminance 1 and a room of luminance 1. Free of bias but for glass: after a reflection it dims light without bending it, and what it gathers
 * of a key that looks small is blurred, see {@link Emission#gathered}.
 *
 * <p>Light straight from an even face is its exact illuminance less what sampled rays find blocked. Works in place; used by one thread.
 */
public final class Tracer {

    /** Instead of a density, after a matte reflection: the faces were sampled there, and are not counted again when a ray meets them. */
    static final double COUNTED = -1;

    /** After a perfect mirror: only this ray can find a face. */
    static final double SHARP = 0;

    /**
     * Dimensions of sample numbers that a vertex uses: towards the key, the base, along a mirror, off a matte surface, for Russian
     * roulette, through holes to the key and to the base, towards the window, towards four leaves of a corner, through holes to each of
     * these.
     */
    static final int PER_VERTEX = 17;

    /** From the dimension towards a light to that through holes. */
    static final int HOLES = 5;

    static final int KEY = 0;
    static final int BASE = 1;
    static final int WINDOW = 7;
    static final int LEAVES = 8;

    private final PathTracer path;

    /** What the last sample found: red, green and blue of every layer in turn. */
    public final double[] out;

    /** The same, component by component, in the order of {@link LightComponent}. */
    public final double[][] components;

    public final FirstHit guide;

    public Tracer(Scene scene, SampleBudget budget) {
        LayerSums sums = new LayerSums(scene.cards);
        path = new PathTracer(scene, budget, sums);
        out = sums.sums;
        components = sums.components;
        guide = path.guide;
    }

    /** Forgets what the last samples guessed: from here on the outcome depends on what is looked at alone. */
    public void begin() {
        path.emission.begin();
    }

    /**
     * Traces a path along a unit ray and leaves the luminance of every layer in {@link #out}.
     *
     * @param seed the same for all samples of a pixel
     * @param index of the sample
     * @param spread width of the pixel at unit distance
     */
    public void trace(Ray ray, int seed, int index, double spread) {
        trace(ray, seed, index, spread, 1);
    }

    /**
     * The same.
     *
     * @param weight of the light reflected by the first matte surface; where it is 0 that is not followed
     */
    public void trace(Ray ray, int seed, int index, double spread, double weight) {
        PathVertex start = path.start(seed, index, spread, weight);
        start.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        path.follow(0);
    }

    /**
     * Illuminance of every layer on a matte element that does not shade itself, into {@link #out}; means over more samples are
     * surer.
     */
    public void incident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        path.all(element(x, y, z, nx, ny, nz, seed, index));
    }

    /** The part of {@link #incident} that comes straight from the faces. */
    void straightIncident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        path.straight(element(x, y, z, nx, ny, nz, seed, index));
    }

    /** Luminance of every layer along a unit ray off an element, but for what comes straight from the faces, into {@link #out}. */
    void arriving(Ray ray, int seed, int index) {
        path.arriving(path.start(seed, index, 0, 1), ray);
    }

    private PathVertex element(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        PathVertex at = path.start(seed, index, 0, 1);
        at.element(x, y, z, nx, ny, nz);
        return at;
    }
}
