package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;

/**
 * Follows light backwards along rays (J. T. Kajiya, The rendering equation, SIGGRAPH 1986), layer by layer, for lights of
 * luminance 1 and a room of luminance 1. Free of bias but for glass, which dims shadows without bending light into them.
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
    private static final int MIRROR = 2;
    private static final int MATTE = 3;
    private static final int ROULETTE = 4;

    /** Towards glass, and which; far from the other dimensions. */
    private static final int GLASS = 1 << 12;

    private static final int WHICH_GLASS = GLASS + 1;

    /** The pixel's own dimensions come first. */
    private static final int FIRST_DIMENSION = 2;

    private static final int MOST_LEVELS = 48;

    /** Boundaries of glass at which both the reflected and the refracted ray are followed. */
    private static final int SPLITS = 2;

    /** Least cosine with which a surface is looked at. */
    private static final double LEAST_OUT = 0.01;

    private static final int ROULETTE_FROM = 2;
    private static final double MOST_LIKELY = 0.95;

    private final Scene scene;
    private final SampleBudget budget;
    private final PathVertex[] path = new PathVertex[MOST_LEVELS];
    private final Sampler numbers = new Sampler();
    private final LayerSums sums;
    private final GlassAim glass;
    private final Emission emission;
    private final Basis axes = new Basis();
    private final BumpMap relief;
    private final Reflection reflection = new Reflection();
    private final Dielectric boundary = new Dielectric();
    private final Subsurface subsurface;

    /** What the last sample found: red, green and blue of every layer in turn. */
    public final double[] out;

    public final FirstHit guide = new FirstHit();

    private int sample;
    private double footprint;

    /** What light reflected by the first matte surface counts for. */
    private double reflected;

    public Tracer(Scene scene, SampleBudget budget) {
        this.scene = scene;
        this.budget = budget;
        sums = new LayerSums(scene.cards);
        out = sums.sums;
        glass = GlassAim.of(scene, budget);
        emission = new Emission(scene, budget, numbers, sums, glass);
        relief = new BumpMap(scene);
        subsurface = new Subsurface(scene, numbers);
        for (int i = 0; i < MOST_LEVELS; i++) {
            path[i] = new PathVertex();
        }
    }

    /** Forgets what the last samples guessed: from here on the outcome depends on what is looked at alone. */
    public void begin() {
        emission.begin();
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
        PathVertex start = start(seed, index, spread);
        reflected = weight;
        start.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        follow(0);
    }

    /**
     * Illuminance of every layer on a matte element that does not shade itself, into {@link #out}; means over more samples are
     * surer.
     */
    public void incident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        PathVertex at = element(x, y, z, nx, ny, nz, seed, index);
        emission.direct(at, 1, 1, 1, sample);
        matte(at, 0, 1, 1, 1);
    }

    /** The part of {@link #incident} that comes straight from the faces. */
    void straightIncident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        emission.direct(element(x, y, z, nx, ny, nz, seed, index), 1, 1, 1, sample);
    }

    /** Luminance of every layer along a unit ray off an element, but for what comes straight from the faces, into {@link #out}. */
    void arriving(Ray ray, int seed, int index) {
        PathVertex at = start(seed, index, 0);
        PathVertex next = path[1];
        next.follows(at, 1, COUNTED);
        next.reflections++;
        next.gathers = glass != null && glass.gathersAt(ray.ox, ray.oy, ray.oz) ? 1 : 0;
        next.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        follow(1);
    }

    private PathVertex element(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        PathVertex at = start(seed, index, 0);
        at.element(x, y, z, nx, ny, nz);
        return at;
    }

    private PathVertex start(int seed, int index, double spread) {
        reflected = 1;
        sums.clear();
        guide.nothing();
        numbers.of(seed);
        sample = index;
        footprint = spread;
        PathVertex start = path[0];
        start.begins(FIRST_DIMENSION);
        return start;
    }

    /** Adds what comes along the ray of a level. */
    private void follow(int level) {
        PathVertex at = path[level];
        Hit hit = at.hit;
        at.owner = scene.meet(at.ray, hit);
        if (at.medium != null) {
            at.red *= Material.passed(at.medium, 0, hit.distance);
            at.green *= Material.passed(at.medium, 1, hit.distance);
            at.blue *= Material.passed(at.medium, 2, hit.distance);
        }
        boolean gathered = at.gathers > 0 && at.bent && at.medium == null;
        if (at.owner < 0) {
            if (gathered) {
                emission.gathered(at);
            }
            if (at.open && !at.glassAlone) {
                emission.ambient(at);
            }
            return;
        }
        double facing = hit.nx * at.ray.dx + hit.ny * at.ray.dy + hit.nz * at.ray.dz;
        at.arrives(facing);
        if (gathered) {
            emission.gathered(at);
        }
        if (at.glassAlone && !hit.material.clear()) {
            return;
        }
        if (level == 0) {
            guide.note(at);
        }
        if (at.owner == Scene.KEY_FACE || at.owner == Scene.BASE_FACE || at.owner == Scene.WINDOW) {
            if (at.owner == Scene.WINDOW && at.open) {
                emission.ambient(at);
            }
            if (facing < 0 && at.pdf != COUNTED) {
                emission.met(at, -facing);
            }
            return;
        }
        if (at.owner == Scene.WALL && at.pdf != COUNTED) {
            emission.metWall(at, -facing);
        }
        if (level + 2 >= MOST_LEVELS) {
            return;
        }
        if (hit.material.clear()) {
            glass(level, facing);
            return;
        }
        if (at.layer == Layers.KEY || at.layer == Layers.TABLE) {
            int card = scene.card(at.owner);
            int plain = at.reflections > 0 ? Layers.TABLE : at.layer;
            at.layer = at.owner == Scene.WALL ? Layers.ROOM : card >= 0 ? Layers.FIRST_CARD + card : plain;
        }
        if (at.owner == Scene.WALL && at.open) {
            emission.ambient(at);
            at.open = false;
        }
        surface(level);
    }

    /** At a boundary of clear substances: reflected and refracted, both or one at random. */
    private void glass(int level, double facing) {
        PathVertex at = path[level];
        boundary.at(at, facing);
        double reflected = boundary.reflected;
        boolean both = at.splits < SPLITS && at.reflections == 0;
        boolean mirror = both || numbers.single(at.dimension + ROULETTE, sample) < reflected;
        PathVertex next = path[level + 1];
        if (mirror) {
            next.follows(at, both ? reflected : 1, at.pdf);
            next.splits++;
            next.bent = true;
            boundary.reflect(at, next);
            follow(level + 1);
        }
        if (reflected < 1 && (both || !mirror)) {
            boundary.at(at, facing);
            next.follows(at, both ? 1 - reflected : 1, at.pdf);
            next.splits++;
            next.bent = true;
            boundary.refract(at, next);
            follow(level + 1);
        }
    }

    /** At an opaque surface. */
    private void surface(int level) {
        PathVertex at = path[level];
        Material material = at.material;
        double tone = at.reflections == 0 ? relief.lean(at, footprint) : 1;
        at.out = Math.max(LEAST_OUT, at.above(at.vx, at.vy, at.vz));
        if (level == 0) {
            guide.colour(material, tone);
        }
        double through = material.through();
        double share = material.metal() ? 0 : tone * (1 - through);
        double r = material.red() * share;
        double g = material.green() * share;
        double b = material.blue() * share;
        PathVertex in = whereLightGoesIn(at);
        emission.direct(in, r, g, b, sample);
        if (material.metal() || material.coated()) {
            if (in != at) {
                emission.direct(at, 0, 0, 0, sample);
            }
            mirror(level);
        }
        if (!material.metal()) {
            matte(in, level, r, g, b);
        }
        if (through > 0) {
            double beyond = tone * through;
            at.turnOver();
            at.dimension += PER_VERTEX;
            emission.direct(at, material.red() * beyond, material.green() * beyond, material.blue() * beyond, sample);
            matte(at, level, material.red() * beyond, material.green() * beyond, material.blue() * beyond);
        }
    }

    /** Where matte light that comes out at a vertex went in: there, or off what the eye sees somewhere near. */
    private PathVertex whereLightGoesIn(PathVertex at) {
        if (at.material.diffusion() == null || at.reflections > 0) {
            return at;
        }
        PathVertex entry = subsurface.entry(at, sample);
        relief.lean(entry, footprint);
        return entry;
    }

    /**
     * Adds what a matte surface gets by way of other surfaces.
     *
     * @param at of that level
     * @param r reflectance; g and b likewise
     */
    private void matte(PathVertex at, int level, double r, double g, double b) {
        if (at.reflections >= budget.reflections()) {
            return;
        }
        if (at.reflections == 0 && reflected == 0) {
            return;
        }
        int paths = at.reflections == 0 ? budget.paths() : 1;
        int whole = sample;
        for (int i = 0; i < paths; i++) {
            int index = whole * paths + i;
            double weight = at.reflections == 0 ? reflected / paths : 1;
            if (at.reflections >= ROULETTE_FROM) {
                double goesOn = Math.min(MOST_LIKELY, Math.max(at.red * r, Math.max(at.green * g, at.blue * b)));
                if (numbers.single(at.dimension + ROULETTE, index) >= goesOn) {
                    return;
                }
                weight = 1 / goesOn;
            }
            boolean gathers = glass != null && glass.gathersAt(at);
            if (gathers) {
                gather(at, level, index, weight, r, g, b);
            }
            PathVertex next = path[level + 1];
            next.follows(at, weight, COUNTED);
            numbers.at(at.dimension + MATTE, index);
            double up = axes.scatter(at, numbers.first, numbers.second, next.ray);
            if (!at.faces(next.ray.dx, next.ray.dy, next.ray.dz)) {
                continue;
            }
            double coat = at.material.coated() ? at.material.underCoat(up, at.out) : 1;
            next.red *= r * coat;
            next.green *= g * coat;
            next.blue *= b * coat;
            next.bent = false;
            next.gathers = gathers ? weighed(at, up, next.ray) : 0;
            next.reflections++;
            // farther on, too, every path has numbers of its own
            sample = index;
            follow(level + 1);
        }
        sample = whole;
    }

    /** A direction as likely as the cosine, weighed against that towards glass. */
    private double weighed(PathVertex at, double cosine, Ray ray) {
        double evenly = cosine / Math.PI;
        return evenly / (evenly + glass.pdf(at, ray.dx, ray.dy, ray.dz));
    }

    /** Adds what a matte surface gets of the key by way of glass, by a ray towards that. */
    private void gather(PathVertex at, int level, int index, double weight, double r, double g, double b) {
        PathVertex next = path[level + 1];
        next.follows(at, weight, COUNTED);
        numbers.at(at.dimension + GLASS, index);
        double which = numbers.single(at.dimension + WHICH_GLASS, index);
        if (!glass.pick(at, which, numbers.first, numbers.second, next.ray)
                || !at.faces(next.ray.dx, next.ray.dy, next.ray.dz)) {
            return;
        }
        double up = at.above(next.ray.dx, next.ray.dy, next.ray.dz);
        if (up <= 0) {
            return;
        }
        double coat = at.material.coated() ? at.material.underCoat(up, at.out) : 1;
        next.gathers = coat * up / Math.PI / (up / Math.PI + glass.pdf(at, next.ray.dx, next.ray.dy, next.ray.dz));
        next.red *= r;
        next.green *= g;
        next.blue *= b;
        next.bent = false;
        next.glassAlone = true;
        next.reflections++;
        int whole = sample;
        sample = index;
        follow(level + 1);
        sample = whole;
    }

    /** Adds what a coat or a metal reflects; a coat reflects little, and is followed at random. */
    private void mirror(int level) {
        PathVertex at = path[level];
        Material material = at.material;
        double weight = 1;
        if (material.coated()) {
            double goesOn = Reflection.followed(at);
            if (goesOn < 1 && numbers.single(at.dimension + ROULETTE, sample) >= goesOn) {
                return;
            }
            weight = 1 / goesOn;
        }
        if (at.reflections >= budget.reflections() && !material.polished()) {
            return;
        }
        if (!material.polished()) {
            numbers.at(at.dimension + MIRROR, sample);
        }
        PathVertex next = path[level + 1];
        if (reflection.sample(at, numbers.first, numbers.second, weight, next)) {
            next.splits = SPLITS;
            next.gathers = 0;
            next.glassAlone = false;
            follow(level + 1);
        }
    }
}
