package zephyrdune.render.trace;

import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;

/** Light that a surface gets straight from a face. Works in place; used by one thread. */
final class DirectLighting {

    /** Cosine below which the guess at a coat is not made. */
    private static final double LEAST_GUESS = 0.05;

    private final Occluders occluders;
    private final Sampler numbers;
    private final OccluderList between;
    private final OpeningSampler holes;
    private final Ray shadow = new Ray();
    private final double[] passed = new double[3];
    private final double[] seen = new double[3];
    private final GlassAim glass;

    /** Whether what comes through glass is left for rays that are bent by it. */
    private boolean gathers;

    // what of() leaves behind: matte per unit of reflectance, and mirrored
    double matteRed;
    double matteGreen;
    double matteBlue;
    double mirrorRed;
    double mirrorGreen;
    double mirrorBlue;

    /** @param glass null where none gathers the key's light */
    DirectLighting(Scene scene, Sampler numbers, GlassAim glass) {
        occluders = scene.occluders;
        this.numbers = numbers;
        this.glass = glass;
        between = occluders.list();
        holes = occluders.holed == null ? null : new OpeningSampler(occluders.holed);
    }

    /**
     * Luminance of a surface by a face. The matte part of an even face, off what the eye sees, is that by the exact illuminance
     * and, for what may be blocked or lies under a coat, the mean of what rays find different. What a rough coat or metal mirrors
     * is found by the same rays; a ray along a mirrored direction has to find the rest.
     *
     * @param samples rays
     * @param first index of the first of them
     */
    void of(PathVertex at, AreaLight light, int dimension, int samples, int first) {
        matteRed = 0;
        matteGreen = 0;
        matteBlue = 0;
        mirrorRed = 0;
        mirrorGreen = 0;
        mirrorBlue = 0;
        sample(at, light, dimension, samples, first);
    }

    private void sample(PathVertex at, AreaLight light, int dimension, int samples, int first) {
        Material material = at.material;
        gathers = glass != null && light.owner == Scene.KEY_FACE && glass.gathersAt(at);
        if (light.past != null && !material.metal() && !material.coated()) {
            if (at.reflections == 0) {
                pastCards(at, light, dimension, samples, first);
                return;
            }
            if (at.reflections == 1 && light.uniform) {
                lessBlocked(at, light, dimension, samples, first);
                return;
            }
        }
        boolean exact = !material.metal() && at.reflections == 0 && light.uniform;
        double even = exact ? light.even.at(at.x, at.y, at.z, at.nx, at.ny, at.nz) : 0;
        if (exact && even == 0) {
            return;
        }
        occluders.gather(at.x, at.y, at.z, light, between);
        boolean seek = between.has(occluders.holedPiece) && holes.seek(at.x, at.y, at.z, light);
        if (seek) {
            between.replace(occluders.holedPiece, occluders.shutPiece);
        }
        if (!seek || !holes.cover()) {
            fromFace(at, light, exact, even, dimension, samples, first);
        }
        if (seek && holes.any()) {
            between.remove(occluders.shutPiece);
            throughHoles(at, light, dimension + Tracer.HOLES, samples, first);
        }
    }

    private void fromFace(
            PathVertex at, AreaLight light, boolean exact, double even, int dimension, int samples, int first) {
        Material material = at.material;
        boolean mirrors = (material.metal() || material.coated()) && !material.polished() && !at.inside;
        boolean seen = at.reflections == 0;
        boolean clear = between.nothing();
        double guess = clear ? 1 : light.arrived;
        double usual = exact ? guess * usual(at, light) : 0;
        double all = 0;
        double arrived = 0;
        matte(even * usual);
        if (exact && clear && !material.coated()) {
            return;
        }
        if (seen) {
            light.fit(at.x, at.y, at.z, at.nx, at.ny, at.nz);
        }
        numbers.choose(dimension);
        for (int i = 0; i < samples; i++) {
            numbers.next(first + i);
            if (light.sample(numbers.first, numbers.second, seen, at)) {
                boolean faces = at.faces(light.towardsX, light.towardsY, light.towardsZ);
                pass(at, light, clear, faces);
                all += light.given;
                arrived += faces ? light.given * straight(1) : 0;
                if (!material.metal()) {
                    addMatte(at, light, faces, usual, samples);
                }
                if (mirrors && faces) {
                    addMirrored(at, light, samples);
                }
            }
        }
        if (seen && !clear && all > 0) {
            light.arrived = arrived / all;
        }
    }

    /** What a matte surface gets through the holes of a card, by rays towards places in the holes. */
    private void throughHoles(PathVertex at, AreaLight light, int dimension, int samples, int first) {
        if (at.material.metal()) {
            return;
        }
        boolean clear = between.nothing();
        numbers.choose(dimension);
        for (int i = 0; i < samples; i++) {
            numbers.next(first + i);
            if (holes.pick(numbers.first, numbers.second, at, shadow)
                    && light.sampleAlong(shadow, holes.likely, holes.away, at)) {
                boolean faces = at.faces(light.towardsX, light.towardsY, light.towardsZ);
                pass(at, light, clear, faces);
                addMatte(at, light, faces, 0, samples);
            }
        }
    }

    /**
     * The exact light past the cards, times the share of it that gets past everything else to places seen past them. A single ray says
     * what is blocked, and that is taken away: unlike the share free of bias.
     */
    private void pastCards(PathVertex at, AreaLight light, int dimension, int samples, int first) {
        double all = light.past.from(at.x, at.y, at.z, at.nx, at.ny, at.nz);
        if (all == 0) {
            return;
        }
        matte(all);
        occluders.gather(at.x, at.y, at.z, light, between);
        occluders.withoutPanels(between);
        if (between.nothing()) {
            return;
        }
        double given = 0;
        double red = 0;
        double green = 0;
        double blue = 0;
        numbers.choose(dimension);
        for (int i = 0; i < samples; i++) {
            numbers.next(first + i);
            if (light.past.pick(numbers.first, numbers.second, seen)) {
                double dx = seen[0] - at.x;
                double dy = seen[1] - at.y;
                double dz = seen[2] - at.z;
                double length = Math.sqrt(dx * dx + dy * dy + dz * dz);
                shadow.set(at.x, at.y, at.z, dx / length, dy / length, dz / length);
                double stands = light.past.given(
                        shadow.dx, shadow.dy, shadow.dz, length, at.above(shadow.dx, shadow.dy, shadow.dz));
                occluders.passed(shadow, length, between, passed);
                given += stands;
                red += stands * (1 - straight(0));
                green += stands * (1 - straight(1));
                blue += stands * (1 - straight(2));
            }
        }
        double share = samples == 1 ? 1 / Math.PI : given == 0 ? 0 : matteRed / given;
        matteRed -= share * red;
        matteGreen -= share * green;
        matteBlue -= share * blue;
    }

    /** Of so much illuminance, without colour. */
    private void matte(double illuminance) {
        matteRed = illuminance / Math.PI;
        matteGreen = matteRed;
        matteBlue = matteRed;
    }

    /** The exact open light, less what rays find blocked. */
    private void lessBlocked(PathVertex at, AreaLight light, int dimension, int samples, int first) {
        double all = light.even.at(at.x, at.y, at.z, at.nx, at.ny, at.nz);
        if (all == 0) {
            return;
        }
        matte(all);
        occluders.gather(at.x, at.y, at.z, light, between);
        if (between.nothing()) {
            return;
        }
        light.fit(at.x, at.y, at.z, at.nx, at.ny, at.nz);
        numbers.choose(dimension);
        for (int i = 0; i < samples; i++) {
            numbers.next(first + i);
            if (light.sample(numbers.first, numbers.second, true, at)) {
                pass(at, light, false, true);
                double given = light.given * light.luminance / (samples * Math.PI);
                matteRed -= given * (1 - passed[0]);
                matteGreen -= given * (1 - passed[1]);
                matteBlue -= given * (1 - passed[2]);
            }
        }
    }

    /** Whether light that comes along a ray to a face was left for that ray alone to find. */
    boolean missed(Ray ray, AreaLight light, double length) {
        return occluders.holed != null && holes.crosses(ray, length) && holes.seek(ray.ox, ray.oy, ray.oz, light);
    }

    private void addMatte(PathVertex at, AreaLight light, boolean faces, double usual, int samples) {
        double kept = !faces
                ? 0
                : at.material.coated()
                        ? at.material.underCoat(at.above(light.towardsX, light.towardsY, light.towardsZ), at.out)
                        : 1;
        double given = light.given * light.luminance / (samples * Math.PI);
        matteRed += given * (straight(0) * kept - usual);
        matteGreen += given * (straight(1) * kept - usual);
        matteBlue += given * (straight(2) * kept - usual);
    }

    /** What gets under the coat from the middle of a face, as a first guess at what does from all of it. */
    private static double usual(PathVertex at, AreaLight light) {
        if (!at.material.coated()) {
            return 1;
        }
        double dx = light.body.ball().x() - at.x;
        double dy = light.body.ball().y() - at.y;
        double dz = light.body.ball().z() - at.z;
        double in = at.above(dx, dy, dz) / Math.sqrt(dx * dx + dy * dy + dz * dz);
        return at.material.underCoat(Math.max(LEAST_GUESS, in), at.out);
    }

    private void addMirrored(PathVertex at, AreaLight light, int samples) {
        Material material = at.material;
        double hx = light.towardsX + at.vx;
        double hy = light.towardsY + at.vy;
        double hz = light.towardsZ + at.vz;
        double length = Math.sqrt(hx * hx + hy * hy + hz * hz);
        double upright = at.above(hx, hy, hz) / length;
        double in = at.above(light.towardsX, light.towardsY, light.towardsZ);
        double value = material.mirror(in, at.out, upright)
                * light.luminance
                / (samples * light.pdf + material.mirrorPdf(at.out, upright));
        double cosine = (hx * at.vx + hy * at.vy + hz * at.vz) / length;
        if (material.metal()) {
            mirrorRed += value * passed[0] * Fresnel.metal(material.red(), cosine);
            mirrorGreen += value * passed[1] * Fresnel.metal(material.green(), cosine);
            mirrorBlue += value * passed[2] * Fresnel.metal(material.blue(), cosine);
        } else {
            double share = value * Fresnel.mirrored(cosine, material.index());
            mirrorRed += share * passed[0];
            mirrorGreen += share * passed[1];
            mirrorBlue += share * passed[2];
        }
    }

    /** What gets to a matte surface straight, red, green or blue. */
    private double straight(int channel) {
        return gathers && between.throughGlass ? 0 : passed[channel];
    }

    private void pass(PathVertex at, AreaLight light, boolean clear, boolean faces) {
        between.throughGlass = false;
        passed[0] = 1;
        passed[1] = 1;
        passed[2] = 1;
        if (!clear && faces) {
            shadow.set(at.x, at.y, at.z, light.towardsX, light.towardsY, light.towardsZ);
            occluders.passed(shadow, light.length, between, passed);
        }
    }
}
