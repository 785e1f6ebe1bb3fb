package zephyrdune.table;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Refused;

/** What cannot be in the same place: light and table, light and dish, light and backdrop, camera and dish. */
final class Clearance {

    private Clearance() {}

    /** @throws Refused naming what to change, and to what, for the first clash found */
    static void require(Camera camera, Dish dish, Softbox light, Backdrop backdrop) {
        dishBeforeBackdrop(dish, backdrop);
        cameraOutsideDish(camera, dish);
        lightAboveTable(light);
        lightOutsideDish(light, dish);
        lightBeforeBackdrop(light, backdrop);
    }

    private static void dishBeforeBackdrop(Dish dish, Backdrop backdrop) {
        if (backdrop.distance() <= dish.radius()) {
            throw new Refused(
                    "backdrop.distance",
                    "The backdrop stands in the dish; put it at least %s behind the hero point"
                            .formatted(centimetresUp(dish.radius())));
        }
    }

    private static void cameraOutsideDish(Camera camera, Dish dish) {
        double clear = Math.hypot(dish.radius(), dish.height() / 2);
        if (camera.subjectDistance() <= clear) {
            throw new Refused(
                    "camera.focalLength",
                    "The lens would be inside the dish, %s from its middle; use a longer lens or frame wider"
                            .formatted(centimetresDown(camera.subjectDistance())));
        }
    }

    private static void lightAboveTable(Softbox light) {
        double lowest = lowest(light.corners());
        if (lowest < 0) {
            // aim z + D sin a - (h/2) cos a = aim z + hypot(D, h/2) sin(a - lean)
            double lean = Math.atan2(light.height() / 2, light.distance());
            double span = Math.hypot(light.distance(), light.height() / 2);
            double least = lean - Math.asin(Math.min(1, light.aim().z() / span));
            throw new Refused(
                    "light.heightAngle",
                    "The lower edge of the light is %s below the table top; raise it to at least %.0f°"
                            .formatted(centimetresUp(-lowest), Math.ceil(Math.toDegrees(least))));
        }
    }

    private static void lightOutsideDish(Softbox light, Dish dish) {
        if (touches(light, dish)) {
            double near = light.distance();
            double far = near
                    + 2 * (dish.radius() + dish.height())
                    + light.aim().point().norm();
            for (int i = 0; i < 40; i++) {
                double middle = (near + far) / 2;
                if (touches(light.withDistance(middle), dish)) {
                    near = middle;
                } else {
                    far = middle;
                }
            }
            throw new Refused(
                    "light.distance",
                    "The light is inside the dish; move it out to at least %s".formatted(centimetresUp(far)));
        }
    }

    private static void lightBeforeBackdrop(Softbox light, Backdrop backdrop) {
        double farthest =
                light.corners().stream().mapToDouble(Vector3D::getY).max().orElseThrow();
        if (farthest > backdrop.distance()) {
            throw new Refused(
                    "backdrop.distance",
                    "The light reaches behind the backdrop; put the backdrop at least %s behind the hero point, "
                                    .formatted(centimetresUp(farthest))
                            + "or bring the light nearer");
        }
    }

    private static double lowest(List<Vector3D> points) {
        return points.stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
    }

    /** Whether any part of the face lies in the upright cylinder that holds the dish. */
    private static boolean touches(Softbox light, Dish dish) {
        // along the face's height the level it passes through changes; its level lines are its width lines
        double lowest = lowest(light.corners());
        if (lowest > dish.height()) {
            return false;
        }
        Vector3D centre = light.centre();
        Vector3D upwards = light.heightAxis();
        double low = -light.height() / 2;
        double high = light.height() / 2;
        if (upwards.getZ() > 1e-12) {
            high = Math.min(high, (dish.height() - centre.getZ()) / upwards.getZ());
        }
        return distanceToAxis(light, low, high) < dish.radius();
    }

    /** Least level distance from the dish's axis to the strip of the face between two heights on it. */
    private static double distanceToAxis(Softbox light, double low, double high) {
        Vector3D centre = light.centre();
        double alongWidth = clamp(-centre.dot(light.widthAxis()), light.width() / 2);
        Vector3D onWidth = centre.add(light.widthAxis().multiply(alongWidth));
        Vector3D up = light.heightAxis();
        double levelSquared = up.getX() * up.getX() + up.getY() * up.getY();
        double along =
                levelSquared < 1e-12 ? low : -(onWidth.getX() * up.getX() + onWidth.getY() * up.getY()) / levelSquared;
        Vector3D nearest = onWidth.add(up.multiply(Math.max(low, Math.min(high, along))));
        return Math.hypot(nearest.getX(), nearest.getY());
    }

    private static double clamp(double value, double bound) {
        return Math.max(-bound, Math.min(bound, value));
    }

    private static String centimetresUp(double metres) {
        return "%.0f cm".formatted(Math.ceil(metres * 100));
    }

    private static String centimetresDown(double metres) {
        return "%.0f cm".formatted(Math.floor(metres * 100));
    }
}
