package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;

/** Follows a path from vertex to vertex and adds up what it finds. Works in place; used by one thread. */
final class PathTracer {

    /** The pixel's own dimensions come first. */
    private static final int FIRST_DIMENSION = 2;

    private static final int MIRROR = 2;
    private static final int MATTE = 3;
    private static final int ROULETTE = 4;

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

    /** Null where none gathers the key's light. */
    private final GlassAim glass;

    private final Basis axes = new Basis();
    private final BumpMap relief;
    private final Reflection reflection = new Reflection();
    private final Dielectric boundary = new Dielectric();
    private final Subsurface subsurface;

    final Emission emission;
    final FirstHit guide = new FirstHit();

    private int sample;
    private double footprint;

    /** What light reflected by the first matte surface counts for. */
    private double reflected;

    PathTracer(Scene scene, SampleBudget budget, LayerSums sums) {
        this.scene = scene;
        this.budget = budget;
        this.sums = sums;
        glass = GlassAim.of(scene, budget);
        emission = new Emission(scene, budget, numbers, sums, glass);
        relief = new BumpMap(scene);
        subsurface = new Subsurface(scene, numbers);
        for (int i = 0; i < MOST_LEVELS; i++) {
            path[i] = new PathVertex();
        }
    }

    /**
     * Forgets the path before.
     *
     * @param seed the same for all samples of a pixel
     * @param index of the sample
     * @param spread width of the pixel at unit distance
     * @param weight of the light reflected by the first matte surface
     */
    PathVertex start(int seed, int index, double spread, double weight) {
        reflected = weight;
        sums.clear();
        guide.nothing();
        numbers.of(seed);
        sample = index;
        footprint = spread;
        PathVertex start = path[0];
        start.begins(FIRST_DIMENSION);
        return start;
    }

    /** The first vertex after an element that has sampled this ray by itself. */
    void arriving(PathVertex element, Ray ray) {
        PathVertex next = path[1];
        next.follows(element, 1, Tracer.COUNTED);
        next.reflections++;
        next.gathers = glass != null && glass.gathersAt(ray.ox, ray.oy, ray.oz) ? 1 : 0;
        next.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        follow(1);
    }

    /** Adds the light that comes straight from the faces to an element. */
    void straight(PathVertex element) {
        emission.direct(element, 1, 1, 1, sample);
    }

    /** Adds all light on an element. */
    void all(PathVertex element) {
        boolean shade = emission.direct(element, 1, 1, 1, sample);
        matte(element, 0, shade, 1, 1, 1);
    }

    /** Adds what comes along the ray of a level. */
    void follow(int level) {
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
        if (Scene.shines(at.owner)) {
            if (at.owner == Scene.WINDOW && at.open) {
                emission.ambient(at);
            }
            if (facing < 0 && at.pdf != Tracer.COUNTED) {
                emission.met(at, -facing);
            }
            return;
        }
        if (at.owner == Scene.WALL && at.pdf != Tracer.COUNTED) {
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
        if (at.reflections == 0) {
            relief.lean(at, footprint);
        }
        boundary.at(at, facing);
        double reflected = boundary.reflected;
        boolean both = at.splits < SPLITS && at.reflections == 0;
        boolean mirror = both || numbers.single(at.dimension + ROULETTE, sample) < reflected;
        PathVertex next = path[level + 1];
        if (mirror) {
            next.follows(at, both ? reflected : 1, at.pdf);
            next.image |= at.reflections == 0;
            next.splits++;
            next.bent = true;
            boundary.reflect(at, next);
            follow(level + 1);
        }
        if (reflected < 1 && (both || !mirror)) {
            boundary.at(at, facing);
            next.follows(at, both ? 1 - reflected : 1, at.pdf);
            next.image |= at.reflections == 0;
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
        boolean shade = emission.direct(in, r, g, b, sample);
        guide.indirect |= at.reflections == 0 && (material.metal() ? !material.polished() : shade);
        if (material.metal() || material.coated()) {
            if (in != at) {
                emission.images(at, sample);
            }
            mirror(level);
        }
        if (!material.metal()) {
            matte(in, level, shade, r, g, b);
        }
        if (through > 0) {
            double beyond = tone * through;
            at.turnOver();
            at.dimension += Tracer.PER_VERTEX;
            boolean shadeBeyond = emission.direct(
                    at, material.red() * beyond, material.green() * beyond, material.blue() * beyond, sample);
            matte(at, level, shadeBeyond, material.red() * beyond, material.green() * beyond, material.blue() * beyond);
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
     * @param shade whether hardly anything comes straight there
     * @param r reflectance; g and b likewise
     */
    private void matte(PathVertex at, int level, boolean shade, double r, double g, double b) {
        if (at.reflections >= budget.reflections()) {
            return;
        }
        if (at.reflections == 0 && reflected == 0) {
            return;
        }
        int paths = at.reflections > 0 ? 1 : shade ? budget.indirectPaths() : budget.paths();
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
            PathVertex next = path[level + 1];
            if (gathers) {
                next.follows(at, weight, Tracer.COUNTED);
                if (glass.aim(at, next.ray, numbers, index)) {
                    next.glassAlone = true;
                    scatters(at, next, true, r, g, b);
                    follow(level + 1, index);
                }
            }
            next.follows(at, weight, Tracer.COUNTED);
            numbers.at(at.dimension + MATTE, index);
            axes.scatter(at, numbers.first, numbers.second, next.ray);
            if (at.faces(next.ray.dx, next.ray.dy, next.ray.dz)) {
                scatters(at, next, gathers, r, g, b);
                // farther on, too, every path has numbers of its own
                follow(level + 1, index);
            }
        }
        sample = whole;
    }

    private void follow(int level, int index) {
        sample = index;
        follow(level);
    }

    /** Goes on from a matte vertex along the ray that is set: as if it were as likely as its cosine. */
    private void scatters(PathVertex at, PathVertex next, boolean gathers, double r, double g, double b) {
        double up = at.above(next.ray.dx, next.ray.dy, next.ray.dz);
        double coat = at.material.coated() ? at.material.underCoat(up, at.out) : 1;
        next.red *= r * coat;
        next.green *= g * coat;
        next.blue *= b * coat;
        next.bent = false;
        next.gathers = gathers ? glass.share(at, up, next.ray) : 0;
        next.reflections++;
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
        int paths = at.reflections == 0 && roughMetal(material) ? Math.max(1, budget.indirectPaths()) : 1;
        int whole = sample;
        for (int i = 0; i < paths; i++) {
            sample = whole * paths + i;
            if (!material.polished()) {
                numbers.at(at.dimension + MIRROR, sample);
            }
            PathVertex next = path[level + 1];
            if (reflection.sample(at, numbers.first, numbers.second, weight / paths, next)) {
                next.inCoat = material.coated() && at.component() == LightComponent.DIRECT;
                next.image |= at.reflections == 0;
                next.splits = SPLITS;
                next.gathers = 0;
                follow(level + 1);
            }
        }
        sample = whole;
    }

    private static boolean roughMetal(Material material) {
        return material.metal() && !material.polished();
    }
}
