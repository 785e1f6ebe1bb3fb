package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.body.Solid;
import zephyrdune.render.material.Fresnel;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

/** Light straight through a clear body: dimmed at every boundary by what is mirrored there, and by what the body swallows. */
final class Transmittance {

    /** Boundaries passed at most. */
    private static final int MOST = 24;

    private Transmittance() {}

    /** Multiplies {@code passed} by what of each of red, green and blue comes out at the end of a unit ray; whether it met the body. */
    static boolean through(Solid body, Ray ray, double length, Hit hit, double[] passed) {
        double ox = ray.ox;
        double oy = ray.oy;
        double oz = ray.oz;
        double gone = 0;
        boolean met = false;
        for (int i = 0; i < MOST; i++) {
            hit.clear(length - gone);
            body.meet(ray, hit);
            if (hit.material == null) {
                break;
            }
            met = true;
            double facing = hit.nx * ray.dx + hit.ny * ray.dy + hit.nz * ray.dz;
            boolean in = facing < 0;
            Material boundary = hit.material;
            Medium before = in ? boundary.front() : boundary.back();
            double index = in ? boundary.index() : 1 / boundary.index();
            double kept = 1 - Fresnel.mirrored(Math.abs(facing), index);
            for (int channel = 0; channel < 3; channel++) {
                passed[channel] *= kept * Material.passed(before, channel, hit.distance);
            }
            if (kept == 0) {
                break;
            }
            double step = hit.distance + Scene.SKIN;
            gone += step;
            ray.ox += step * ray.dx;
            ray.oy += step * ray.dy;
            ray.oz += step * ray.dz;
        }
        ray.ox = ox;
        ray.oy = oy;
        ray.oz = oz;
        return met;
    }
}
