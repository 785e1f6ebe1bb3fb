package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;
import zephyrdune.set.room.WalledRoom;

/** The inside of a room, from the floor up. */
final class Walls {

    private final WalledRoom room;
    private final Material walls;
    private final Material ceiling;
    private final Material floor;

    Walls(WalledRoom room) {
        this.room = room;
        walls = Material.of(room.walls());
        ceiling = Material.of(room.ceiling());
        floor = Material.of(room.floor());
    }

    /** Takes the wall that a ray from inside meets, if it is nearer. */
    boolean meet(Ray ray, Hit hit) {
        double toSide = ray.dx > 0 ? (room.right() - ray.ox) / ray.dx : (-room.left() - ray.ox) / ray.dx;
        double toEnd = ray.dy > 0 ? (room.behind() - ray.oy) / ray.dy : (-room.before() - ray.oy) / ray.dy;
        double toLevel = ray.dz > 0 ? (room.above() - ray.oz) / ray.dz : (-room.below() - ray.oz) / ray.dz;
        double nearest = Scene.FARTHEST;
        if (toSide > 0) {
            nearest = toSide;
        }
        if (toEnd > 0) {
            nearest = Math.min(nearest, toEnd);
        }
        if (toLevel > 0) {
            nearest = Math.min(nearest, toLevel);
        }
        if (!(nearest < hit.distance)) {
            return false;
        }
        if (nearest == toSide) {
            hit.take(nearest, -Math.signum(ray.dx), 0, 0, walls);
        } else if (nearest == toEnd) {
            hit.take(nearest, 0, -Math.signum(ray.dy), 0, walls);
        } else if (ray.dz > 0) {
            hit.take(nearest, 0, 0, -1, ceiling);
        } else {
            hit.take(nearest, 0, 0, 1, floor);
        }
        return true;
    }
}
