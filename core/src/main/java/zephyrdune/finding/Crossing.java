package zephyrdune.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.table.Card;
import zephyrdune.table.OffRoom;
import zephyrdune.table.Panel;
import zephyrdune.table.TableSet;
import zephyrdune.table.WalledRoom;

/** Cards that go through something: another card, the light, the backdrop, a wall. */
final class Crossing {

    private static final double STEP = 0.02;
    private static final double FARTHEST = 0.8;

    private Crossing() {}

    static Optional<Spoiled> cards(Scene scene) {
        TableSet set = scene.set;
        return IntStream.range(0, set.cards().size())
                .filter(card -> !through(set, card).isEmpty())
                .boxed()
                .findFirst()
                .map(card -> new Spoiled(
                        Finding.Kind.CARD_THROUGH,
                        "cards[%d].distance".formatted(card),
                        "Card %d goes through %s".formatted(card + 1, through(set, card)),
                        () -> apart(set, card)));
    }

    private static Optional<Mend> apart(TableSet set, int card) {
        Card one = set.cards().get(card);
        Optional<Trying.Found> out = moved(set, card, one, 1);
        Optional<Trying.Found> in = moved(set, card, one, -1);
        boolean outwards =
                out.isPresent() && (in.isEmpty() || out.get().by() <= in.get().by());
        return (outwards ? out : in)
                .map(way -> new Mend(
                        "Move it %s by %s".formatted(outwards ? "out" : "in", Trying.centimetres(way.by())),
                        way.set()));
    }

    private static Optional<Trying.Found> moved(TableSet set, int card, Card one, int way) {
        return Trying.first(
                STEP,
                FARTHEST,
                by -> Cards.with(set, card, one.withDistance(one.distance() + way * by)),
                changed -> through(changed, card).isEmpty());
    }

    /** What a card goes through, in words; empty for nothing. */
    private static String through(TableSet set, int card) {
        List<List<Vector3D>> outlines = set.cards().get(card).outlines();
        for (List<Vector3D> outline : outlines) {
            for (Vector3D corner : outline) {
                if (corner.getY() > set.backdrop().distance()
                        && Math.abs(corner.getX()) < set.backdrop().width() / 2
                        && corner.getZ() < set.backdrop().height()) {
                    return "the backdrop";
                }
                if (set.room() instanceof WalledRoom room && outside(room, corner)) {
                    return "a wall";
                }
            }
            if (!(set.light().filling() instanceof OffRoom)
                    && cross(outline, EmittingFace.of(set).corners(32))) {
                return "the light";
            }
            for (int other = 0; other < card; other++) {
                for (Panel panel : set.cards().get(other).panels()) {
                    if (cross(outline, panel.corners())) {
                        return "card " + (other + 1);
                    }
                }
            }
        }
        return "";
    }

    private static boolean outside(WalledRoom room, Vector3D corner) {
        return corner.getX() < -room.left()
                || corner.getX() > room.right()
                || corner.getY() > room.behind()
                || corner.getY() < -room.before()
                || corner.getZ() > room.above();
    }

    /** Whether two flat convex outlines cut each other: a side of one goes through the other. */
    static boolean cross(List<Vector3D> one, List<Vector3D> other) {
        return pierces(one, other) || pierces(other, one);
    }

    private static boolean pierces(List<Vector3D> sides, List<Vector3D> flat) {
        Vector3D normal = flat.get(1).subtract(flat.get(0)).cross(flat.get(2).subtract(flat.get(1)));
        List<Vector3D> round = new ArrayList<>(sides);
        round.add(sides.get(0));
        for (int i = 0; i < sides.size(); i++) {
            double from = round.get(i).subtract(flat.get(0)).dot(normal);
            double to = round.get(i + 1).subtract(flat.get(0)).dot(normal);
            if (from * to < 0 && inside(round.get(i).lerp(round.get(i + 1), from / (from - to)), flat, normal)) {
                return true;
            }
        }
        return false;
    }

    private static boolean inside(Vector3D point, List<Vector3D> flat, Vector3D normal) {
        for (int i = 0; i < flat.size(); i++) {
            Vector3D side = flat.get((i + 1) % flat.size()).subtract(flat.get(i));
            if (side.cross(point.subtract(flat.get(i))).dot(normal) < 0) {
                return false;
            }
        }
        return true;
    }
}
