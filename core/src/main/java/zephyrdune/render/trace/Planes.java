package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;

/** Table top and backdrop. */
final class Planes {

    private final Material table;
    private final TableTop top;
    private final Material backdrop;
    private final double backdropY;
    private final double halfWidth;
    private final double height;

    Planes(TableSet set) {
        top = set.tableTop();
        table = Material.of(top.surface());
        Backdrop behind = set.backdrop();
        backdrop = Material.of(behind.surface());
        backdropY = behind.distance();
        halfWidth = behind.width() / 2;
        height = behind.height();
    }

    /** Takes what a ray meets, if it is nearer; returns its owner, or -1. */
    int meet(Ray ray, Hit hit) {
        int owner = -1;
        double t = -ray.oz / ray.dz;
        if (t > Scene.SKIN && t < hit.distance && onTable(ray, t)) {
            hit.take(t, 0, 0, 1, table);
            owner = Scene.TABLE;
        }
        t = (backdropY - ray.oy) / ray.dy;
        if (t > Scene.SKIN && t < hit.distance && onBackdrop(ray, t)) {
            hit.take(t, 0, -1, 0, backdrop);
            owner = Scene.BACKDROP;
        }
        return owner;
    }

    /** Whether a place is behind the backdrop's plane. */
    boolean behind(double y) {
        return y > backdropY;
    }

    boolean tableBlocks(Ray ray, double length) {
        double t = -ray.oz / ray.dz;
        return t > 0 && t < length && onTable(ray, t);
    }

    boolean backdropBlocks(Ray ray, double length) {
        double t = (backdropY - ray.oy) / ray.dy;
        return t > 0 && t < length && onBackdrop(ray, t);
    }

    private boolean onTable(Ray ray, double t) {
        return top.holds(ray.ox + t * ray.dx, ray.oy + t * ray.dy);
    }

    private boolean onBackdrop(Ray ray, double t) {
        double z = ray.oz + t * ray.dz;
        return Math.abs(ray.ox + t * ray.dx) <= halfWidth && z >= 0 && z <= height;
    }
}
