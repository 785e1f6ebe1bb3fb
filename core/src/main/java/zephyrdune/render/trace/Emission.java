package zephyrdune.render.trace;

import zephyrdune.render.body.Ball;

/**
 * What the lights of a scene give a path: sampled from a surface, and where its ray meets them. Both ways to the same face are weighed
 * by the balance heuristic (E. Veach and L. J. Guibas, SIGGRAPH 1995). Works in place; used by one thread.
 */
final class Emission {

    /** Solid angle of a cone of eight degrees half angle, sr. */
    private static final double LEAST_CONE = 2 * Math.PI * (1 - Math.cos(Math.toRadians(8)));

    /** In shade lies what gets less of the key than this share of what a surface at the hero point that faces it does. */
    private static final double SHADE = 0.1;

    private final SampleBudget budget;
    private final LayerSums out;
    private final double ambient;
    private final boolean keyOnWall;
    private final AreaLight key;
    private final AreaLight base;
    private final AreaLight window;
    private final AreaLight[] leaves;
    private final DirectLighting direct;
    private final double facing;

    Emission(Scene scene, SampleBudget budget, Sampler numbers, LayerSums out, GlassAim glass) {
        this.budget = budget;
        this.out = out;
        SceneLights lights = scene.lights;
        ambient = lights.round();
        keyOnWall = lights.keyOnWall();
        key = new AreaLight(lights.key(), Scene.KEY_FACE, budget.exact() ? lights.cutters() : null);
        base = lights.base() == null ? null : new AreaLight(lights.base(), Scene.BASE_FACE, null);
        double bright = lights.windowLuminance();
        window = lights.window() == null
                ? null
                : new AreaLight(lights.window(), null, Scene.WINDOW, null, bright, bright, bright);
        leaves = lights.leaves().stream()
                .map(leaf -> new AreaLight(leaf, Scene.KEY_FACE, null))
                .toArray(AreaLight[]::new);
        direct = new DirectLighting(scene, numbers, glass);
        facing = facing();
    }

    /** What a white matte surface at the hero point has of the key when it faces its middle, green. */
    private double facing() {
        Ball middle = key.body.ball();
        double away = Math.sqrt(middle.x() * middle.x() + middle.y() * middle.y() + middle.z() * middle.z());
        double x = middle.x() / away;
        double y = middle.y() / away;
        double z = middle.z() / away;
        double sum = key.bright[1] * key.even.at(0, 0, 0, x, y, z);
        for (AreaLight leaf : leaves) {
            sum += leaf.bright[1] * leaf.even.at(0, 0, 0, x, y, z);
        }
        return sum / Math.PI;
    }

    /** Forgets what the last samples guessed: from here on the outcome depends on what is looked at alone. */
    void begin() {
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
     * Adds the light that comes straight from the faces to a surface.
     *
     * @param r reflectance of the matte part; g and b likewise
     * @param sample index of the path's sample
     * @return whether it lies in shade: hardly anything of the key gets there
     */
    boolean direct(PathVertex at, double r, double g, double b, int sample) {
        at.shadowRays = budget.shadowRays(at.reflections);
        return sampled(at, r, g, b, sample) < SHADE * facing;
    }

    /** Adds what a coat mirrors of the faces where nothing that lies under it is looked at: by fewer rays. */
    void images(PathVertex at, int sample) {
        at.shadowRays = budget.mirrorRays();
        sampled(at, 0, 0, 0, sample);
    }

    private double sampled(PathVertex at, double r, double g, double b, int sample) {
        double got = direct(at, key, at.layer, Tracer.KEY, r, g, b, sample);
        for (int i = 0; i < leaves.length; i++) {
            got += direct(at, leaves[i], at.layer, Tracer.LEAVES + i, r, g, b, sample);
        }
        if (base != null) {
            direct(at, base, Layers.BASE, Tracer.BASE, r, g, b, sample);
        }
        if (window != null) {
            direct(at, window, Layers.AMBIENT, Tracer.WINDOW, r, g, b, sample);
        }
        return got;
    }

    /** Returns what a white matte surface has of it, green. */
    private double direct(
            PathVertex at, AreaLight light, int layer, int dimension, double r, double g, double b, int sample) {
        int samples = at.shadowRays;
        direct.of(at, light, at.dimension + dimension, samples, sample * samples);
        double[] bright = light.bright;
        LightComponent component = layer == Layers.AMBIENT && !at.image ? LightComponent.INDIRECT : at.component();
        double red = bright[0] * at.red;
        double green = bright[1] * at.green;
        double blue = bright[2] * at.blue;
        out.add(
                component,
                layer,
                red * r * direct.matteRed,
                green * g * direct.matteGreen,
                blue * b * direct.matteBlue);
        out.add(
                at.reflections > 0
                        ? component
                        : mirrored(component == LightComponent.DIRECT && at.material.coated(), layer),
                layer,
                red * direct.mirrorRed,
                green * direct.mirrorGreen,
                blue * direct.mirrorBlue);
        return bright[1] * direct.matteGreen;
    }

    private static LightComponent mirrored(boolean inCoat, int layer) {
        return inCoat && layer != Layers.AMBIENT ? LightComponent.HIGHLIGHT : LightComponent.SPECULAR;
    }

    /** Adds the room's own light from all sides. */
    void ambient(PathVertex at) {
        out.add(
                at.image ? LightComponent.SPECULAR : LightComponent.INDIRECT,
                Layers.AMBIENT,
                ambient * at.red,
                ambient * at.green,
                ambient * at.blue);
    }

    /** Adds the light of the face that a path's ray has met from its lit side. */
    void met(PathVertex at, double cosine) {
        emitted(at, at.owner == Scene.KEY_FACE ? key : at.owner == Scene.WINDOW ? window : base, cosine);
    }

    /**
     * Adds what glass sends of the key along a ray that has left it. A key that looks smaller from there than {@link #LEAST_CONE} is taken
     * as that wide and less bright: what glass gathers is blurred by so much.
     */
    void gathered(PathVertex at) {
        double x = key.place(0, 0, 0) - at.ray.ox;
        double y = key.place(0, 0, 1) - at.ray.oy;
        double z = key.place(0, 0, 2) - at.ray.oz;
        double length = Math.sqrt(x * x + y * y + z * z);
        double solidAngle = key.solidAngle(x / length, y / length, z / length, length);
        double share;
        if (solidAngle > LEAST_CONE) {
            boolean lit = at.owner == Scene.KEY_FACE
                    && at.hit.nx * at.ray.dx + at.hit.ny * at.ray.dy + at.hit.nz * at.ray.dz < 0;
            share = lit ? key.seen(at) : 0;
        } else {
            double off = 1 - (x * at.ray.dx + y * at.ray.dy + z * at.ray.dz) / length;
            boolean open = at.owner == Scene.KEY_FACE || at.owner < 0 || at.hit.distance > length;
            share = open && 2 * Math.PI * off < LEAST_CONE
                    ? key.towards(x / length, y / length, z / length) * solidAngle / LEAST_CONE
                    : 0;
        }
        if (share > 0) {
            double[] bright = key.bright;
            double given = share * at.gathers;
            out.add(
                    at.component(),
                    Layers.GLASS,
                    bright[0] * at.red * given,
                    bright[1] * at.green * given,
                    bright[2] * at.blue * given);
        }
    }

    /** Adds the light of the patch of a wall that is the key, or another leaf of it, where the ray has come to one. */
    void metWall(PathVertex at, double cosine) {
        if (!keyOnWall) {
            return;
        }
        if (onPatch(at, key)) {
            emitted(at, key, cosine);
        }
        for (AreaLight leaf : leaves) {
            if (onPatch(at, leaf)) {
                emitted(at, leaf, cosine);
            }
        }
    }

    private static boolean onPatch(PathVertex at, AreaLight patch) {
        double beyond = at.hit.distance + 2 * Scene.SKIN;
        double length = patch.body.distance(at.ray, beyond);
        return length < beyond && length > at.hit.distance - 2 * Scene.SKIN;
    }

    private void emitted(PathVertex at, AreaLight light, double cosine) {
        double luminance = light.seen(at);
        if (at.pdf > 0 && !direct.missed(at.ray, light, at.hit.distance)) {
            boolean fitted = at.reflections <= 1;
            luminance *= at.pdf / (at.pdf + at.shadowRays * light.pdf(at, cosine, fitted));
        }
        int layer = light == base ? Layers.BASE : light == window ? Layers.AMBIENT : at.layer;
        double[] bright = light.bright;
        out.add(
                at.image || at.reflections == 0 ? mirrored(at.inCoat, layer) : LightComponent.INDIRECT,
                layer,
                bright[0] * at.red * luminance,
                bright[1] * at.green * luminance,
                bright[2] * at.blue * luminance);
    }
}
