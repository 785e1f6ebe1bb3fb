package zephyrdune.set;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Rounding;

/** What has to be inside a room: everything of a set. */
final class RoomClearance {

    private static final String[] SIDES = {"left", "right", "behind", "before", "above"};
    private static final int BEHIND = 2;
    private static final int CEILING = 4;

    private final TableSet.Parts set;
    private final double[] walls;
    private final List<Thing> things = new ArrayList<>();

    /**
     * Something that has to be inside.
     *
     * @param field to change when it is not; empty for the room's side
     */
    private record Thing(String words, String field, List<Vector3D> points) {

        double reach(int side) {
            return points.stream()
                    .mapToDouble(point -> switch (side) {
                        case 0 -> -point.getX();
                        case 1 -> point.getX();
                        case BEHIND -> point.getY();
                        case CEILING -> point.getZ();
                        default -> -point.getY();
                    })
                    .max()
                    .orElse(0);
        }
    }

    private RoomClearance(WalledRoom room, TableSet.Parts set, List<Flat> faces, List<Flat> cards) {
        this.set = set;
        walls = new double[] {room.left(), room.right(), room.behind(), room.before(), room.above()};
        faces.forEach(face -> things.add(new Thing(face.words(), "", face.corners())));
        Pose pose = Pose.of(set.light(), room);
        if (set.light().filling() instanceof BookLight book) {
            things.add(new Thing("The board behind the cloth", "", pose.board(book)));
        }
        things.add(new Thing("The light's source", "", List.of(pose.source())));
        things.add(
                new Thing("The lens", "", List.of(set.camera().lens(set.dish().height() / 2))));
        cards.forEach(card -> things.add(new Thing(card.words(), card.field(), card.corners())));
        if (set.ambient().window() instanceof SideWindow window) {
            things.add(new Thing("The window", "ambient.window.distance", List.of(window.centre())));
        }
    }

    /** @throws Refused for the first thing that reaches through a wall or the ceiling */
    static void require(WalledRoom room, TableSet.Parts set, List<Flat> faces, List<Flat> cards) {
        RoomClearance clearance = new RoomClearance(room, set, faces, cards);
        clearance.table();
        clearance.inside();
    }

    private void table() {
        double[] reaches = tableReaches();
        for (int side = 0; side < reaches.length; side++) {
            if (Rounding.more(reaches[side], walls[side])) {
                throw new Refused(
                                "room." + SIDES[side],
                                "The room is smaller than the table: there the table reaches %s from the hero point, the wall stands at %s"
                                        .formatted(Lengths.least(reaches[side]), Lengths.most(walls[side])))
                        .mendedBy(enough(side));
            }
        }
        if (set.backdrop().distance() > walls[BEHIND]) {
            throw new Refused(
                            "room.behind",
                            "The wall stands before the backdrop; put it at least %s behind the hero point"
                                    .formatted(Lengths.least(set.backdrop().distance())))
                    .mendedBy(enough(BEHIND));
        }
    }

    private double[] tableReaches() {
        TableTop table = set.tableTop();
        return new double[] {table.left(), table.right(), table.behind(), table.before()};
    }

    private void inside() {
        for (Thing thing : things) {
            for (int side = 0; side < walls.length; side++) {
                double through = thing.reach(side) - walls[side];
                if (Rounding.more(through, 0)) {
                    String words = "%s reaches %s through the %s; it has %s of room on that side"
                            .formatted(
                                    thing.words,
                                    Lengths.least(through),
                                    side == CEILING ? "ceiling" : "wall",
                                    Lengths.most(walls[side]));
                    throw thing.field.isEmpty()
                            ? new Refused("room." + SIDES[side], words).mendedBy(enough(side))
                            : new Refused(thing.field, words);
                }
            }
        }
    }

    /** Where a wall or the ceiling may stand, for all that has to be inside. */
    private double enough(int side) {
        double most = side == CEILING ? 0 : tableReaches()[side];
        most = Math.max(most, side == BEHIND ? set.backdrop().distance() : 0);
        for (Thing thing : things) {
            most = Math.max(most, thing.reach(side));
        }
        return Lengths.wholeUp(most);
    }
}
