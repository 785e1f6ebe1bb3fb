package zephyrdune.render.trace;

import java.util.Arrays;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Ggx;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

/**
 * Follows light backwards along rays (J. T. Kajiya, The rendering equation, SIGGRAPH 1986), layer by layer, for lights of
 * luminance 1 and a room of luminance 1. Free of bias but for glass, which dims shadows without bending light into them.
 *
 * <p>Light straight from an even face is its exact illuminance less what sampled rays find blocked. Mirrors find the faces
 * along the mirrored ray; rough ones weigh that against the sampled rays by the balance heuristic (E. Veach and L. J. Guibas,
 * SIGGRAPH 1995). Works in place; used by one thread.
 */
public final class Tracer {

    /** After a matte reflection: the faces were sampled there, and are not counted again when a ray meets them. */
    static final double COUNTED = -1;

    /** After a perfect mirror: only this ray can find a face. */
    static final double SHARP = 0;

    /**
     * Dimensions of sample numbers that a place uses: towards the key, the base, along a mirror, off a matte surface, by lot,
     * through holes to the key and to the base, towards the window, towards four leaves of a corner, through holes to each of these.
     */
    static final int PER_REFLECTION = 17;

    /** From the dimension towards a light to that through holes. */
    static final int HOLES = 5;

    private static final int KEY = 0;
    private static final int BASE = 1;
    private static final int MIRROR = 2;
    private static final int MATTE = 3;
    private static final int LOT = 4;
    private static final int WINDOW = 7;
    private static final int LEAVES = 8;

    /** The pixel's own dimensions come first. */
    private static final int FIRST_DIMENSION = 2;

    private static final int MOST_LEVELS = 48;

    /** Boundaries of glass at which both the mirrored and the bent ray are followed. */
    private static final int SPLITS = 2;

    /** Least cosine with which a surface is looked at. */
    private static final double LEAST_OUT = 0.01;

    /** A coat is followed at least this often. */
    private static final double LEAST_LOT = 0.05;

    private static final double OFTEN = 6;

    private static final int ROULETTE_FROM = 2;
    private static final double MOST_LIKELY = 0.95;

    private final Scene scene;
    private final SampleBudget budget;
    private final AreaLight key;
    private final AreaLight base;
    private final AreaLight window;
    private final AreaLight[] leaves;
    private final PathVertex[] places = new PathVertex[MOST_LEVELS];
    private final Sampler numbers = new Sampler();
    private final DirectLighting straight;
    private final double[] facet = new double[3];
    private final Basis axes = new Basis();
    private final BumpMap relief;

    /** What the last look found: red, green and blue of every layer in turn. */
    public final double[] out;

    public final FirstHit guide = new FirstHit();

    private int sample;
    private double footprint;

    public Tracer(Scene scene, SampleBudget budget) {
        this.scene = scene;
        this.budget = budget;
        key = new AreaLight(scene.key, scene.keyMap, Scene.KEY_FACE, budget.exact() ? scene.cutters : null, 1, 1, 1);
        base = scene.base == null ? null : new AreaLight(scene.base, scene.baseMap, Scene.BASE_FACE);
        double bright = scene.windowLuminance;
        window = scene.window == null
                ? null
                : new AreaLight(scene.window, null, Scene.WINDOW, null, bright, bright, bright);
        leaves = new AreaLight[scene.leaves.length];
        for (int i = 0; i < leaves.length; i++) {
            leaves[i] = new AreaLight(scene.leaves[i], scene.leafMaps[i], Scene.KEY_FACE, null, scene.leafLuminance[i]);
        }
        straight = new DirectLighting(scene, numbers);
        relief = new BumpMap(scene);
        out = new double[3 * Layers.count(scene.cards)];
        for (int i = 0; i < MOST_LEVELS; i++) {
            places[i] = new PathVertex();
        }
    }

    /** Forgets what the last looks guessed: from here on the outcome depends on what is looked at alone. */
    public void begin() {
        key.arrived = AreaLight.ALL;
        for (AreaLight leaf : leaves) {
            leaf.arrived = AreaLight.ALL;
        }
        if (base != null) {
            base.arrived = AreaLight.ALL;
        }
        if (window != null) {
            window.arrived = AreaLight.ALL;
        }
    }

    /**
     * Looks along a unit ray and leaves the luminance of every layer in {@link #out}.
     *
     * @param seed the same for all samples of a pixel
     * @param index of the sample
     * @param spread width of the pixel at unit distance
     */
    public void look(Ray ray, int seed, int index, double spread) {
        PathVertex start = start(seed, index, spread);
        start.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        follow(0);
    }

    /**
     * Illuminance of every layer on a matte element that does not shade itself, into {@link #out}; means over more samples are
     * surer.
     */
    public void incident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        PathVertex at = element(x, y, z, nx, ny, nz, seed, index);
        straight(at, 1, 1, 1);
        matte(0, 1, 1, 1);
    }

    /** The part of {@link #incident} that comes straight from the faces. */
    void straightIncident(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        straight(element(x, y, z, nx, ny, nz, seed, index), 1, 1, 1);
    }

    /** Luminance of every layer along a unit ray off an element, but for what comes straight from the faces, into {@link #out}. */
    void arriving(Ray ray, int seed, int index) {
        PathVertex at = start(seed, index, 0);
        PathVertex next = places[1];
        next.follows(at, 1, COUNTED);
        next.reflections++;
        next.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        follow(1);
    }

    private PathVertex element(double x, double y, double z, double nx, double ny, double nz, int seed, int index) {
        PathVertex at = start(seed, index, 0);
        at.red = Math.PI;
        at.green = Math.PI;
        at.blue = Math.PI;
        at.x = x + Scene.SKIN * nx;
        at.y = y + Scene.SKIN * ny;
        at.z = z + Scene.SKIN * nz;
        at.nx = nx;
        at.ny = ny;
        at.nz = nz;
        at.gx = nx;
        at.gy = ny;
        at.gz = nz;
        at.material = Material.WHITE;
        return at;
    }

    private PathVertex start(int seed, int index, double spread) {
        Arrays.fill(out, 0);
        guide.nothing();
        numbers.of(seed);
        sample = index;
        footprint = spread;
        PathVertex start = places[0];
        start.red = 1;
        start.green = 1;
        start.blue = 1;
        start.layer = Layers.KEY;
        start.reflections = 0;
        start.splits = 0;
        start.chance = SHARP;
        start.medium = null;
        start.open = true;
        start.dimension = FIRST_DIMENSION;
        return start;
    }

    private void add(int layer, double red, double green, double blue) {
        out[3 * layer] += red;
        out[3 * layer + 1] += green;
        out[3 * layer + 2] += blue;
    }

    /** Adds what comes along the ray of a level. */
    private void follow(int level) {
        PathVertex at = places[level];
        Hit hit = at.hit;
        at.owner = scene.meet(at.ray, hit);
        if (at.medium != null) {
            at.red *= Material.passed(at.medium, 0, hit.distance);
            at.green *= Material.passed(at.medium, 1, hit.distance);
            at.blue *= Material.passed(at.medium, 2, hit.distance);
        }
        if (at.owner < 0) {
            if (at.open) {
                round(at);
            }
            return;
        }
        double facing = hit.nx * at.ray.dx + hit.ny * at.ray.dy + hit.nz * at.ray.dz;
        arrive(at, facing);
        if (level == 0) {
            guide.note(at);
        }
        if (at.owner == Scene.KEY_FACE || at.owner == Scene.BASE_FACE || at.owner == Scene.WINDOW) {
            if (at.owner == Scene.WINDOW && at.open) {
                round(at);
            }
            if (facing < 0 && at.chance != COUNTED) {
                face(at, at.owner == Scene.KEY_FACE ? key : at.owner == Scene.WINDOW ? window : base, -facing);
            }
            return;
        }
        if (at.owner == Scene.WALL && scene.keyOnWall && at.chance != COUNTED) {
            patches(at, -facing);
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
            round(at);
            at.open = false;
        }
        surface(level);
    }

    /** Adds the room's own light from all sides. */
    private void round(PathVertex at) {
        add(Layers.AMBIENT, scene.round * at.red, scene.round * at.green, scene.round * at.blue);
    }

    /** Adds the light of the patch of the wall that is the key, or another leaf of it, where the ray has come to one. */
    private void patches(PathVertex at, double cosine) {
        if (onPatch(at, key)) {
            face(at, key, cosine);
        }
        for (int i = 0; i < leaves.length; i++) {
            if (onPatch(at, leaves[i])) {
                face(at, leaves[i], cosine);
            }
        }
    }

    private static boolean onPatch(PathVertex at, AreaLight patch) {
        double beyond = at.hit.distance + 2 * Scene.SKIN;
        double length = patch.body.distance(at.ray, beyond);
        return length < beyond && length > at.hit.distance - 2 * Scene.SKIN;
    }

    /** Works out where the ray ends. */
    private static void arrive(PathVertex at, double facing) {
        Hit hit = at.hit;
        double side = facing > 0 ? -1 : 1;
        at.material = hit.material;
        at.gx = side * hit.nx;
        at.gy = side * hit.ny;
        at.gz = side * hit.nz;
        at.nx = at.gx;
        at.ny = at.gy;
        at.nz = at.gz;
        at.x = at.ray.ox + hit.distance * at.ray.dx + Scene.SKIN * at.gx;
        at.y = at.ray.oy + hit.distance * at.ray.dy + Scene.SKIN * at.gy;
        at.z = at.ray.oz + hit.distance * at.ray.dz + Scene.SKIN * at.gz;
        at.vx = -at.ray.dx;
        at.vy = -at.ray.dy;
        at.vz = -at.ray.dz;
    }

    private void face(PathVertex at, AreaLight light, double cosine) {
        double luminance = light.seen(at);
        if (at.chance > 0 && !straight.missed(at.ray, light, at.hit.distance)) {
            boolean fitted = at.reflections <= 1;
            int looks = fitted ? budget.shadowRays() : 1;
            luminance *= at.chance / (at.chance + looks * light.chance(at, cosine, fitted));
        }
        int layer = light == base ? Layers.BASE : light == window ? Layers.AMBIENT : at.layer;
        double[] bright = light.bright;
        add(layer, bright[0] * at.red * luminance, bright[1] * at.green * luminance, bright[2] * at.blue * luminance);
    }

    /** At a boundary of clear substances: mirrored and bent, both or one by lot. */
    private void glass(int level, double facing) {
        PathVertex at = places[level];
        Material boundary = at.material;
        boolean in = facing < 0;
        Medium before = in ? boundary.front() : boundary.back();
        Medium beyond = in ? boundary.back() : boundary.front();
        double index = in ? boundary.index() : 1 / boundary.index();
        double cosine = Math.abs(facing);
        double back = Fresnel.mirrored(cosine, index);
        boolean both = at.splits < SPLITS && at.reflections == 0;
        boolean mirror = both || numbers.single(at.dimension + LOT, sample) < back;
        Ray ray = at.ray;
        if (mirror) {
            PathVertex next = places[level + 1];
            next.follows(at, both ? back : 1, at.chance);
            next.medium = before;
            next.splits++;
            next.ray.set(
                    at.x,
                    at.y,
                    at.z,
                    ray.dx + 2 * cosine * at.gx,
                    ray.dy + 2 * cosine * at.gy,
                    ray.dz + 2 * cosine * at.gz);
            follow(level + 1);
        }
        if (back < 1 && (both || !mirror)) {
            PathVertex next = places[level + 1];
            next.follows(at, both ? 1 - back : 1, at.chance);
            next.medium = beyond;
            next.splits++;
            double along = cosine / index - Fresnel.cosineBeyond(cosine, index);
            next.ray.set(
                    at.x - 2 * Scene.SKIN * at.gx,
                    at.y - 2 * Scene.SKIN * at.gy,
                    at.z - 2 * Scene.SKIN * at.gz,
                    ray.dx / index + along * at.gx,
                    ray.dy / index + along * at.gy,
                    ray.dz / index + along * at.gz);
            follow(level + 1);
        }
    }

    /** At an opaque surface. */
    private void surface(int level) {
        PathVertex at = places[level];
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
        straight(at, r, g, b);
        if (material.metal() || material.coated()) {
            mirror(level);
        }
        if (!material.metal()) {
            matte(level, r, g, b);
        }
        if (through > 0) {
            double beyond = tone * through;
            at.turnOver();
            at.dimension += PER_REFLECTION;
            straight(at, material.red() * beyond, material.green() * beyond, material.blue() * beyond);
            matte(level, material.red() * beyond, material.green() * beyond, material.blue() * beyond);
        }
    }

    /**
     * Adds the light that comes straight from the faces.
     *
     * @param r reflectance of the matte part; g and b likewise
     */
    private void straight(PathVertex at, double r, double g, double b) {
        straight(at, key, at.layer, KEY, r, g, b);
        for (int i = 0; i < leaves.length; i++) {
            straight(at, leaves[i], at.layer, LEAVES + i, r, g, b);
        }
        if (base != null) {
            straight(at, base, Layers.BASE, BASE, r, g, b);
        }
        if (window != null) {
            straight(at, window, Layers.AMBIENT, WINDOW, r, g, b);
        }
    }

    private void straight(PathVertex at, AreaLight light, int layer, int dimension, double r, double g, double b) {
        int looks = at.reflections == 0 ? budget.shadowRays() : 1;
        straight.of(at, light, r, g, b, at.dimension + dimension, looks, sample * looks);
        double[] bright = light.bright;
        add(
                layer,
                bright[0] * at.red * straight.red,
                bright[1] * at.green * straight.green,
                bright[2] * at.blue * straight.blue);
    }

    /**
     * Adds what a matte surface gets by way of other surfaces.
     *
     * @param r reflectance; g and b likewise
     */
    private void matte(int level, double r, double g, double b) {
        PathVertex at = places[level];
        boolean seen = at.reflections == 0;
        if (at.reflections >= budget.reflections()) {
            return;
        }
        int paths = seen ? budget.paths() : 1;
        int whole = sample;
        for (int path = 0; path < paths; path++) {
            int index = whole * paths + path;
            double weight = 1.0 / paths;
            if (at.reflections >= ROULETTE_FROM) {
                double goesOn = Math.min(MOST_LIKELY, Math.max(at.red * r, Math.max(at.green * g, at.blue * b)));
                if (numbers.single(at.dimension + LOT, index) >= goesOn) {
                    return;
                }
                weight = 1 / goesOn;
            }
            PathVertex next = places[level + 1];
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
            next.reflections++;
            // farther on, too, every path has numbers of its own
            sample = index;
            follow(level + 1);
        }
        sample = whole;
    }

    /** Adds what a coat or a metal mirrors. */
    private void mirror(int level) {
        PathVertex at = places[level];
        Material material = at.material;
        double weight = 1;
        if (material.coated()) {
            // a coat mirrors little: it is followed by lot, off what the eye sees more often
            double often = at.reflections == 0 ? OFTEN : 1;
            double likely = Math.min(1, Math.max(LEAST_LOT, often * Fresnel.mirrored(at.out, material.index())));
            if (numbers.single(at.dimension + LOT, sample) >= likely) {
                return;
            }
            weight = 1 / likely;
        }
        if (at.reflections < budget.reflections() || material.polished()) {
            mirrored(level, weight);
        }
    }

    /** Follows one mirrored ray. */
    private void mirrored(int level, double weight) {
        PathVertex at = places[level];
        Material material = at.material;
        double hx = at.nx;
        double hy = at.ny;
        double hz = at.nz;
        double share = weight;
        double chance = SHARP;
        if (!material.polished()) {
            numbers.at(at.dimension + MIRROR, sample);
            axes.round(at.nx, at.ny, at.nz);
            double alongFirst = axes.first(at.vx, at.vy, at.vz);
            double alongSecond = axes.second(at.vx, at.vy, at.vz);
            Ggx.sampleVisibleNormal(
                    alongFirst, alongSecond, at.out, material.alpha(), numbers.first, numbers.second, facet);
            axes.outOf(facet);
            hx = facet[0];
            hy = facet[1];
            hz = facet[2];
            chance = material.mirrorChance(at.out, at.above(hx, hy, hz));
        }
        double cosine = hx * at.vx + hy * at.vy + hz * at.vz;
        double dx = 2 * cosine * hx - at.vx;
        double dy = 2 * cosine * hy - at.vy;
        double dz = 2 * cosine * hz - at.vz;
        double in = at.above(dx, dy, dz);
        if (cosine <= 0 || in <= 0 || !at.faces(dx, dy, dz)) {
            return;
        }
        if (!material.polished()) {
            share *= Ggx.g2(in, at.out, material.alpha()) / Ggx.g1(at.out, material.alpha());
        }
        PathVertex next = places[level + 1];
        next.follows(at, share, chance);
        next.splits = SPLITS;
        if (material.metal()) {
            next.red *= Fresnel.metal(material.red(), cosine);
            next.green *= Fresnel.metal(material.green(), cosine);
            next.blue *= Fresnel.metal(material.blue(), cosine);
        } else {
            double mirrored = Fresnel.mirrored(cosine, material.index());
            next.red *= mirrored;
            next.green *= mirrored;
            next.blue *= mirrored;
        }
        if (!material.polished() || material.coated()) {
            next.reflections++;
        }
        next.ray.set(at.x, at.y, at.z, dx, dy, dz);
        follow(level + 1);
    }
}
