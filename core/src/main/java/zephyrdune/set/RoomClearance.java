package zephyrdune.set;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Refused;

/** What has to be inside a room: everything of a set. */
record RoomClearance(WalledRoom room) {

    private static final double TOUCHING = 1e-9;
    private static final String[] SIDES = {"left", "right", "behind", "before", "above"};

    /** @throws Refused for the first thing that reaches through a wall or the ceiling */
    void require(TableSet.Parts set, List<Flat> faces, List<Flat> cards) {
        table(set.tableTop());
        if (set.backdrop().distance() > room.behind()) {
            throw new Refused(
                    "room.behind",
                    "The wall stands before the backdrop; put it at least %s behind the hero point"
                            .formatted(Lengths.least(set.backdrop().distance())));
        }
        for (Flat face : faces) {
            inside(face.words(), "", face.corners());
        }
        Pose pose = Pose.of(set.light(), room);
        if (set.light().filling() instanceof BookLight book) {
            inside("The board behind the cloth", "", pose.board(book));
        }
        inside("The light's source", "", List.of(pose.source()));
        inside("The lens", "", List.of(set.camera().lens(set.dish().height() / 2)));
        for (Flat card : cards) {
            inside(card.words(), card.field(), card.corners());
        }
        if (set.ambient().window() instanceof SideWindow window) {
            inside("The window", "ambient.window.distance", List.of(window.centre()));
        }
    }

    private void table(TableTop table) {
        double[] reaches = {table.left(), table.right(), table.behind(), table.before()};
        double[] walls = away();
        for (int i = 0; i < reaches.length; i++) {
            if (reaches[i] > walls[i] + TOUCHING) {
                throw new Refused(
                        "room." + SIDES[i],
                        "The room is smaller than the table: there the table reaches %s from the hero point, the wall stands at %s"
                                .formatted(Lengths.least(reaches[i]), Lengths.most(walls[i])));
            }
        }
    }

    private double[] away() {
        return new double[] {room.left(), room.right(), room.behind(), room.before(), room.above()};
    }

    /** @param field to name; empty for the room's side */
    private void inside(String what, String field, List<Vector3D> points) {
        double[] walls = away();
        for (Vector3D point : points) {
            double[] reaches = {-point.getX(), point.getX(), point.getY(), -point.getY(), point.getZ()};
            for (int i = 0; i < walls.length; i++) {
                if (reaches[i] > walls[i] + TOUCHING) {
                    throw new Refused(
                            field.isEmpty() ? "room." + SIDES[i] : field,
                            "%s reaches %s through the %s; it has %s of room on that side"
                                    .formatted(
                                            what,
                                            Lengths.least(reaches[i] - walls[i]),
                                            i == 4 ? "ceiling" : "wall",
                                            Lengths.most(walls[i])));
                }
            }
        }
    }
}
