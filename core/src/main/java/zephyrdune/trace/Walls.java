package zephyrdune.trace;

import zephyrdune.body.Hit;
import zephyrdune.body.Ray;
import zephyrdune.material.Material;
import zephyrdune.table.WalledRoom;

/** The inside of a room, from the table top up. */
final class Walls {

    private final WalledRoom room;
    private final Material walls;
    private final Material ceiling;

    Walls(WalledRoom room) {
        this.room = room;
        walls = Material.of(room.walls());
        ceiling = Material.of(room.ceiling());
    }

    /** Takes the wall that a ray from inside meets, if it is nearer. */
    boolean meet(Ray ray, Hit hit) {
        double toSide = ray.dx > 0 ? (room.right() - ray.ox) / ray.dx : (-room.left() - ray.ox) / ray.dx;
        double toEnd = ray.dy > 0 ? (room.behind() - ray.oy) / ray.dy : (-room.before() - ray.oy) / ray.dy;
        double toCeiling = ray.dz > 0 ? (room.above() - ray.oz) / ray.dz : Double.POSITIVE_INFINITY;
        double nearest = Stage.FARTHEST;
        if (toSide > 0) {
            nearest = toSide;
        }
        if (toEnd > 0) {
            nearest = Math.min(nearest, toEnd);
        }
        if (toCeiling > 0) {
            nearest = Math.min(nearest, toCeiling);
        }
        if (!(nearest < hit.distance)) {
            return false;
        }
        if (nearest == toSide) {
            hit.take(nearest, -Math.signum(ray.dx), 0, 0, walls);
        } else if (nearest == toEnd) {
            hit.take(nearest, 0, -Math.signum(ray.dy), 0, walls);
        } else {
            hit.take(nearest, 0, 0, -1, ceiling);
        }
        return true;
    }
}
