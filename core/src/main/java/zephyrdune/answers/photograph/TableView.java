package zephyrdune.answers.photograph;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Refused;

/**
 * A photograph's view of the table. The table's own space is that of a set: x to the right, y away from the camera, z up, from a point on the
 * table, metres.
 */
final class TableView {

    /** Rays flatter than this meet the table too far away for anything to be told. */
    private static final double FLATTEST = 0.01;

    /** Life size, the nearest that lenses focus: twice the focal length. */
    private static final double NEAREST = 2;

    /** Where nothing is drawn out, metres. */
    private static final double FAR = 1e6;

    private static final int FOCUSINGS = 8;

    private final Pinhole camera;
    private final Vector3D origin;
    private final Vector3D right;
    private final Vector3D away;
    private final Vector3D up;
    private final Vector3D eye;

    /**
     * @param up the table's normal towards the camera, a unit vector in the camera's space
     * @param origin in the camera's space, metres
     */
    TableView(Pinhole camera, Vector3D up, Vector3D origin) {
        this.camera = camera;
        this.origin = origin;
        this.up = up;
        // forward and up in the picture point away along the table both, the one where the camera looks along it, the
        // other from above
        Vector3D ahead = Vector3D.of(0, 1, 1);
        away = ahead.subtract(up.multiply(ahead.dot(up))).normalize();
        // the camera's space is left-handed, so this is to the right
        right = up.cross(away);
        eye = toTable(Vector3D.ZERO);
    }

    /** @throws Refused where the marks cannot be of a table */
    static TableView of(PhotographMarks marks, double height) {
        TablePlane plane = marks.plane();
        if (plane instanceof UnmarkedTable) {
            throw new Refused(
                    "plane", "Mark how the table lies first: by a round rim, a rectangle, or the camera's angle");
        }
        if (marks.lens() instanceof KnownLens lens) {
            return focused(plane, lens, height);
        }
        if (plane instanceof FlatRectangle rectangle) {
            return RectanglePose.view(rectangle, RectanglePose.camera(rectangle, height));
        }
        throw new Refused(
                "lens",
                "Say which lens the photograph was taken with: without it only a rectangle tells how the table lies");
    }

    /** A lens sees less the nearer it is focused; how near, the view itself tells. */
    private static TableView focused(TablePlane plane, KnownLens lens, double height) {
        TableView view = of(plane, new Pinhole(lens.focal(height, FAR), height));
        for (int i = 0; i < FOCUSINGS; i++) {
            double distance = view.origin.getZ();
            if (distance < NEAREST * lens.focalLength()) {
                throw new Refused(
                        "lens",
                        "The lens would stand nearer than it can focus: look at its focal length, and at the size of what the table is marked by");
            }
            view = of(plane, new Pinhole(lens.focal(height, distance), height));
        }
        return view;
    }

    static TableView of(TablePlane plane, Pinhole camera) {
        if (plane instanceof FlatRectangle rectangle) {
            return RectanglePose.view(rectangle, camera);
        }
        return plane instanceof RoundRim rim ? RimPose.view(rim, camera) : tilted((KnownTilt) plane, camera);
    }

    private static TableView tilted(KnownTilt tilt, Pinhole camera) {
        Vector3D up = Vector3D.of(0, Math.cos(tilt.elevation()), -Math.sin(tilt.elevation()));
        return new TableView(camera, up, Vector3D.of(0, 0, camera.focal() * tilt.framedWidth()));
    }

    private Vector3D toTable(Vector3D point) {
        return turned(point.subtract(origin));
    }

    private Vector3D turned(Vector3D way) {
        return Vector3D.of(way.dot(right), way.dot(away), way.dot(up));
    }

    /** Of the lens axis above the table, seen from the dish. */
    double elevation() {
        return Math.asin(-up.getZ());
    }

    /** How far the table leans to a side in the picture. */
    double roll() {
        return Math.atan2(up.getX(), up.getY());
    }

    /** The place on the table that is seen at a mark. */
    Vector3D ground(Mark mark, String field) {
        Vector3D way = turned(camera.ray(mark)).normalize();
        if (way.getZ() > -FLATTEST) {
            throw new Refused(
                    field,
                    "This mark lies above where the table ends; put it on the table top, or mark the table anew");
        }
        return eye.subtract(way.multiply(eye.getZ() / way.getZ()));
    }

    double eyeDistance(Vector3D place) {
        return eye.distance(place);
    }

    /** How high above a place on the table what is seen at a mark stands. */
    double height(Vector3D foot, Mark top) {
        Vector3D way = turned(camera.ray(top)).normalize();
        // where the ray passes the vertical line most nearly
        double across = way.getX() * way.getX() + way.getY() * way.getY();
        Vector3D apart = foot.subtract(eye);
        return eye.getZ() + way.getZ() * (way.getX() * apart.getX() + way.getY() * apart.getY()) / across;
    }

    /** Where a point of the table's space appears, as shares across and down that may lie outside. */
    double[] project(Vector3D point) {
        return camera.project(origin.add(right.multiply(point.getX()))
                .add(away.multiply(point.getY()))
                .add(up.multiply(point.getZ())));
    }
}
