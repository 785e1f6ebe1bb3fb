package zephyrdune.table;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.measure.Refused;

/** What cannot be in the same place: light and table, light and dish, light and backdrop, camera and dish. */
final class Clearance {

    private static final double FARTHEST_CARD = 5;

    private Clearance() {}

    /** @throws Refused naming what to change, and to what, for the first clash found */
    static void require(
            Camera camera,
            Dish dish,
            List<Prop> props,
            Light light,
            Base base,
            List<Card> cards,
            TableTop tableTop,
            Backdrop backdrop,
            Room room,
            Ambient ambient) {
        dishBeforeBackdrop(dish, backdrop);
        cameraOutsideDish(camera, dish);
        if (light.filling() instanceof OffRoom bounce) {
            bounced(light, bounce, dish, room);
        } else {
            lightAboveTable(light);
            lightOutsideDish(light, dish);
            lightBeforeBackdrop(light, backdrop);
            if (light.filling() instanceof BookLight book) {
                boardClear(light, book, backdrop);
            }
        }
        for (int i = 0; i < props.size(); i++) {
            propClear("props[" + i + "]", props.get(i), camera, dish, light, backdrop);
        }
        for (int i = 0; i < cards.size(); i++) {
            cardOutsideDish("cards[" + i + "]", cards.get(i), dish);
        }
        if (base instanceof BroadBase broad) {
            baseClear(broad.as(light), dish, backdrop);
        }
        if (room instanceof WalledRoom walls) {
            inRoom(walls, camera, dish, light, tableTop, backdrop);
            if (ambient.window() instanceof SideWindow window) {
                requireInside("The window", "ambient.window.distance", walls, List.of(window.centre()));
            }
        }
    }

    private static void cardOutsideDish(String path, Card card, Dish dish) {
        if (through(card, dish)) {
            double near = card.distance();
            double far = near + 2 * dish.radius() + card.width() + card.height();
            for (int i = 0; i < 40; i++) {
                double middle = (near + far) / 2;
                if (through(card.withDistance(Math.min(middle, FARTHEST_CARD)), dish)) {
                    near = middle;
                } else {
                    far = middle;
                }
            }
            throw new Refused(
                    path + ".distance",
                    "The card cuts through the dish; move it out to at least %s, or lift it"
                            .formatted(centimetresUp(far)));
        }
    }

    /** Whether a board reaches into the upright cylinder that holds the dish; what stands by itself may hang into it. */
    private static boolean through(Card card, Dish dish) {
        return !card.cut().holes().standing()
                && card.panels().stream()
                        .map(panel -> below(panel.corners(), dish.height()))
                        .anyMatch(low -> !low.isEmpty() && distanceToAxis(low) < dish.radius());
    }

    private static void boardClear(Light light, BookLight book, Backdrop backdrop) {
        List<Vector3D> board = Pose.of(light, new OpenRoom()).board(book);
        if (lowest(board) < 0) {
            throw new Refused(
                    "light.filling.boardHeight",
                    "The board behind the cloth reaches %s below the table top; make it smaller, or raise the light"
                            .formatted(centimetresUp(-lowest(board))));
        }
        double back = board.stream().mapToDouble(Vector3D::getY).max().orElseThrow();
        if (back > backdrop.distance()) {
            throw new Refused(
                    "backdrop.distance",
                    "The board behind the cloth reaches behind the backdrop; put the backdrop at least %s behind the hero point, or the board nearer"
                            .formatted(centimetresUp(back)));
        }
    }

    private static void bounced(Light light, OffRoom bounce, Dish dish, Room room) {
        if (!(room instanceof WalledRoom walled)) {
            throw new Refused(
                    "light.filling", "There are no walls to bounce off; give the set a room, or bounce off a board");
        }
        OffBoard.requireMatte("light.filling", walled.surface(bounce.side()));
        Vector3D source = light.centre();
        if (source.getZ() <= dish.height() && Math.hypot(source.getX(), source.getY()) <= dish.radius()) {
            throw new Refused("light.distance", "The source stands inside the dish; move it out");
        }
        Pose pose = Pose.of(light, room);
        if (!pose.lit()) {
            throw new Refused(
                    "light.filling",
                    "Nothing of the beam meets the %s; turn the source to it"
                            .formatted(bounce.side().words()));
        }
        if (pose.centre().add(pose.upHalf()).getZ() <= 0) {
            throw new Refused(
                    "light.heightAngle", "The patch of light lies below the table top; raise the source or turn it up");
        }
    }

    private static void propClear(String path, Prop prop, Camera camera, Dish dish, Light light, Backdrop backdrop) {
        double radius = prop.body().radius();
        double top = prop.lift() + prop.body().height();
        if (prop.y() + radius >= backdrop.distance()) {
            throw new Refused(
                    path + ".y",
                    "It reaches through the backdrop; bring it at least %s nearer to the camera"
                            .formatted(centimetresUp(prop.y() + radius - backdrop.distance())));
        }
        Vector3D lens = camera.lens(dish.height() / 2);
        if (lens.getZ() <= top && Math.hypot(lens.getX() - prop.x(), lens.getY() - prop.y()) <= radius) {
            throw new Refused(path + ".x", "The lens would be inside it; move it out of the camera's way");
        }
        Vector3D from = Vector3D.of(prop.x(), prop.y(), 0);
        List<Vector3D> low = light.filling() instanceof OffRoom
                ? List.of()
                : below(
                        outline(light).stream()
                                .map(point -> point.subtract(from))
                                .toList(),
                        top);
        if (!low.isEmpty() && distanceToAxis(low) < radius) {
            throw new Refused(path + ".x", "It stands in the light's face; move it, or raise the light");
        }
    }

    private static void baseClear(Light base, Dish dish, Backdrop backdrop) {
        if (lowest(outline(base)) < 0) {
            throw new Refused("base.heightAngle", "The lower edge of the base light is below the table top; raise it");
        }
        if (touches(base, dish)) {
            throw new Refused("base.distance", "The base light is inside the dish; move it out");
        }
        if (farthest(base) > backdrop.distance()) {
            throw new Refused("base.distance", "The base light reaches behind the backdrop; bring it nearer");
        }
    }

    private static void inRoom(
            WalledRoom room, Camera camera, Dish dish, Light light, TableTop tableTop, Backdrop backdrop) {
        double[][] reaches = {
            {tableTop.left(), room.left()},
            {tableTop.right(), room.right()},
            {tableTop.behind(), room.behind()},
            {tableTop.before(), room.before()}
        };
        for (int i = 0; i < reaches.length; i++) {
            if (reaches[i][0] > reaches[i][1] + 1e-9) {
                throw new Refused(
                        "room." + SIDES[i],
                        "The room is smaller than the table: there the table reaches %s from the hero point, the wall stands at %s"
                                .formatted(centimetresUp(reaches[i][0]), centimetresDown(reaches[i][1])));
            }
        }
        if (backdrop.distance() > room.behind()) {
            throw new Refused(
                    "room.behind",
                    "The wall stands before the backdrop; put it at least %s behind the hero point"
                            .formatted(centimetresUp(backdrop.distance())));
        }
        Pose pose = Pose.of(light, room);
        if (!(light.filling() instanceof OffRoom)) {
            requireInside("The light", "", room, pose.outline(light));
        }
        if (light.filling() instanceof BookLight book) {
            requireInside("The board behind the cloth", "", room, pose.board(book));
        }
        requireInside("The light's source", "", room, List.of(pose.source()));
        requireInside("The lens", "", room, List.of(camera.lens(dish.height() / 2)));
    }

    private static final String[] SIDES = {"left", "right", "behind", "before", "above"};

    /** @param field to name; empty for the room's side */
    private static void requireInside(String what, String field, WalledRoom room, List<Vector3D> points) {
        for (Vector3D point : points) {
            double[][] walls = {
                {-point.getX() - room.left(), room.left()},
                {point.getX() - room.right(), room.right()},
                {point.getY() - room.behind(), room.behind()},
                {-point.getY() - room.before(), room.before()},
                {point.getZ() - room.above(), room.above()}
            };
            for (int i = 0; i < walls.length; i++) {
                if (walls[i][0] > 1e-9) {
                    throw new Refused(
                            field.isEmpty() ? "room." + SIDES[i] : field,
                            "%s reaches %s through the %s; it has %s of room on that side"
                                    .formatted(
                                            what,
                                            centimetresUp(walls[i][0]),
                                            i == 4 ? "ceiling" : "wall",
                                            centimetresDown(walls[i][1])));
                }
            }
        }
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
        double away = camera.shift()
                .add(camera.towardsLens().multiply(camera.subjectDistance()))
                .norm();
        if (away <= clear) {
            throw new Refused(
                    "camera.focalLength",
                    "The lens would be inside the dish, %s from its middle; use a longer lens or frame wider"
                            .formatted(centimetresDown(away)));
        }
    }

    private static void lightAboveTable(Light light) {
        double source = Pose.of(light, new OpenRoom()).source().getZ();
        if (source < 0) {
            throw new Refused(
                    "light.filling",
                    "The source stands %s below the table top; bring it nearer to the panel or board, or turn it up"
                            .formatted(centimetresUp(-source)));
        }
        double lowest = lowest(outline(light));
        if (lowest < 0) {
            // aim z + D sin a - (h/2) cos a = aim z + hypot(D, h/2) sin(a - lean)
            double lean = Math.atan2(light.face().along() / 2, light.distance());
            double span = Math.hypot(light.distance(), light.face().along() / 2);
            double least = lean - Math.asin(Math.min(1, light.aim().z() / span));
            throw new Refused(
                    "light.heightAngle",
                    "The lower edge of the light is %s below the table top; raise it to at least %.0f°"
                            .formatted(centimetresUp(-lowest), Math.ceil(Math.toDegrees(least))));
        }
    }

    private static void lightOutsideDish(Light light, Dish dish) {
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

    private static void lightBeforeBackdrop(Light light, Backdrop backdrop) {
        double behind = Pose.of(light, new OpenRoom()).source().getY();
        if (behind > backdrop.distance() && behind > farthest(light)) {
            throw new Refused(
                    "backdrop.distance",
                    "The source behind the panel stands behind the backdrop; put the backdrop at least %s behind the hero point, "
                                    .formatted(centimetresUp(behind))
                            + "or move the source nearer to the panel");
        }
        double farthest = farthest(light);
        if (farthest > backdrop.distance()) {
            throw new Refused(
                    "backdrop.distance",
                    "The light reaches behind the backdrop; put the backdrop at least %s behind the hero point, "
                                    .formatted(centimetresUp(farthest))
                            + "or bring the light nearer");
        }
    }

    /** Of a face that stands by itself. */
    private static List<Vector3D> outline(Light light) {
        return Pose.of(light, new OpenRoom()).outline(light);
    }

    private static double farthest(Light light) {
        return outline(light).stream().mapToDouble(Vector3D::getY).max().orElseThrow();
    }

    private static double lowest(List<Vector3D> points) {
        return points.stream().mapToDouble(Vector3D::getZ).min().orElseThrow();
    }

    /** Whether any part of the face lies in the upright cylinder that holds the dish. */
    private static boolean touches(Light light, Dish dish) {
        List<Vector3D> low = below(outline(light), dish.height());
        return !low.isEmpty() && distanceToAxis(low) < dish.radius();
    }

    /** The part of a flat convex outline at or below a height. */
    private static List<Vector3D> below(List<Vector3D> outline, double height) {
        List<Vector3D> kept = new ArrayList<>();
        Vector3D before = outline.get(outline.size() - 1);
        for (Vector3D point : outline) {
            if (before.getZ() <= height != point.getZ() <= height) {
                kept.add(before.lerp(point, (height - before.getZ()) / (point.getZ() - before.getZ())));
            }
            if (point.getZ() <= height) {
                kept.add(point);
            }
            before = point;
        }
        return kept;
    }

    /** Least distance, seen from above, of a convex outline from the dish's axis. */
    private static double distanceToAxis(List<Vector3D> outline) {
        double least = Double.POSITIVE_INFINITY;
        boolean allLeft = true;
        boolean allRight = true;
        Vector3D from = outline.get(outline.size() - 1);
        for (Vector3D to : outline) {
            double dx = to.getX() - from.getX();
            double dy = to.getY() - from.getY();
            double side = from.getX() * dy - from.getY() * dx;
            allLeft &= side > 0;
            allRight &= side < 0;
            double squared = dx * dx + dy * dy;
            double share = squared == 0 ? 0 : -(from.getX() * dx + from.getY() * dy) / squared;
            double kept = Math.max(0, Math.min(1, share));
            least = Math.min(least, Math.hypot(from.getX() + kept * dx, from.getY() + kept * dy));
            from = to;
        }
        return allLeft || allRight ? 0 : least;
    }

    private static String centimetresUp(double metres) {
        return "%.0f cm".formatted(Math.ceil(metres * 100));
    }

    private static String centimetresDown(double metres) {
        return "%.0f cm".formatted(Math.floor(metres * 100));
    }
}
