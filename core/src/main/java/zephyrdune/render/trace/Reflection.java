package zephyrdune.render.trace;

import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Ggx;
import zephyrdune.render.material.Material;

/** Reflection off a coat or a metal, polished or rough. Works in place; used by one thread. */
final class Reflection {

    /** A coat's reflection is followed at least this often; off what the eye sees, more often than it matters by this. */
    private static final double LEAST_OFTEN = 0.05;

    private static final double OFTEN = 6;

    /** Off what is so smooth that the light's image shows, always: rays towards the light hardly ever find it there. */
    private static final double GLOSSY = 0.04;

    private static final double ALWAYS = Double.POSITIVE_INFINITY;

    private final Basis axes = new Basis();

    /** Of a rough surface, the normal of the facet that reflects. */
    private final double[] facet = new double[3];

    /** Chance with which what a coat mirrors is followed. */
    static double followed(PathVertex at) {
        Material material = at.material;
        double often = at.reflections > 0 ? 1 : material.alpha() < GLOSSY ? ALWAYS : OFTEN;
        return Math.min(1, Math.max(LEAST_OFTEN, often * Fresnel.mirrored(at.out, material.index())));
    }

    /**
     * Sets a reflected ray and what it counts for; false where it would go into the surface.
     *
     * @param first number from 0 to 1, for a rough surface; second likewise
     * @param weight of the path
     */
    boolean sample(PathVertex at, double first, double second, double weight, PathVertex next) {
        Material material = at.material;
        boolean rough = !material.polished();
        facet[0] = at.nx;
        facet[1] = at.ny;
        facet[2] = at.nz;
        double pdf = Tracer.SHARP;
        if (rough) {
            axes.round(at.nx, at.ny, at.nz);
            double alongFirst = axes.first(at.vx, at.vy, at.vz);
            double alongSecond = axes.second(at.vx, at.vy, at.vz);
            Ggx.sampleVisibleNormal(alongFirst, alongSecond, at.out, material.alpha(), first, second, facet);
            axes.outOf(facet);
            pdf = material.mirrorPdf(at.out, at.above(facet[0], facet[1], facet[2]));
        }
        double cosine = facet[0] * at.vx + facet[1] * at.vy + facet[2] * at.vz;
        double dx = 2 * cosine * facet[0] - at.vx;
        double dy = 2 * cosine * facet[1] - at.vy;
        double dz = 2 * cosine * facet[2] - at.vz;
        double in = at.above(dx, dy, dz);
        if (cosine <= 0 || in <= 0 || !at.faces(dx, dy, dz)) {
            return false;
        }
        double share =
                rough ? weight * (Ggx.g2(in, at.out, material.alpha()) / Ggx.g1(at.out, material.alpha())) : weight;
        next.follows(at, share, pdf);
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
        if (rough || material.coated()) {
            next.reflections++;
        }
        next.ray.set(at.x, at.y, at.z, dx, dy, dz);
        return true;
    }
}
