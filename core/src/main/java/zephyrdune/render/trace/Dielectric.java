package zephyrdune.render.trace;

import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

/** A boundary of clear substances that a path has come to: Snell's law and Fresnel's equations. Used over and over. */
final class Dielectric {

    private Medium before;
    private Medium beyond;
    private double index;
    private double cosine;

    /** Share that is reflected. */
    double reflected;

    /**
     * Takes a boundary with the drops on it, if there are any: the normal leans.
     *
     * @param facing cosine between the ray and the boundary's own normal: negative on the way in
     */
    void at(PathVertex vertex, double facing) {
        Material boundary = vertex.material;
        boolean in = facing < 0;
        before = in ? boundary.front() : boundary.back();
        beyond = in ? boundary.back() : boundary.front();
        index = in ? boundary.index() : 1 / boundary.index();
        cosine = vertex.above(vertex.vx, vertex.vy, vertex.vz);
        reflected = Fresnel.mirrored(cosine, index);
    }

    /** Sets the reflected ray. */
    void reflect(PathVertex at, PathVertex next) {
        Ray ray = at.ray;
        next.medium = before;
        next.ray.set(
                at.x,
                at.y,
                at.z,
                ray.dx + 2 * cosine * at.nx,
                ray.dy + 2 * cosine * at.ny,
                ray.dz + 2 * cosine * at.nz);
    }

    /** Sets the refracted ray, where there is one. */
    void refract(PathVertex at, PathVertex next) {
        Ray ray = at.ray;
        next.medium = beyond;
        double along = cosine / index - Fresnel.cosineBeyond(cosine, index);
        next.ray.set(
                at.x - 2 * Scene.SKIN * at.gx,
                at.y - 2 * Scene.SKIN * at.gy,
                at.z - 2 * Scene.SKIN * at.gz,
                ray.dx / index + along * at.nx,
                ray.dy / index + along * at.ny,
                ray.dz / index + along * at.nz);
    }
}
