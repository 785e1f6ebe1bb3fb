package zephyrdune.answers.finding;

import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.move.Lever;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.render.picture.LightInFrame;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.TableTop;
import zephyrdune.units.measure.Lengths;

/** What the camera sees that it should not. */
final class InFrame {

    /** Less of the frame than this is a corner of a pixel. */
    private static final double SEEN = 0.0008;

    private static final double STEP = 0.02;
    private static final double FARTHEST = 1.2;
    private static final double ANGLE_STEP = Math.toRadians(2);
    private static final double CLOCK_STEP = Math.PI / 24;

    /** From where on a stand's upright is bare. */
    private static final double BELOW_LIGHT = 0.05;

    private InFrame() {}

    static Optional<Spoiled> light(Inspection scene) {
        TableSet set = scene.set;
        LightInFrame now = LightInFrame.of(set);
        double share = now.face() + now.back();
        if (share < SEEN || set.light().filling() instanceof OffRoom) {
            return Optional.empty();
        }
        return Optional.of(new Spoiled(
                Finding.Kind.LIGHT_IN_FRAME,
                "light.heightAngle",
                "The light is in the frame: it takes up %.1f %% of it".formatted(100 * share),
                () -> higher(set).or(() -> farther(set))));
    }

    private static Optional<Mend> higher(TableSet set) {
        double up = set.light().heightAngle();
        return Trying.first(
                        ANGLE_STEP,
                        Math.PI / 2 - up,
                        by -> set.withLight(set.light().withHeightAngle(up + by)),
                        InFrame::lightOut)
                .map(found -> new Mend("Raise it by %.0f°".formatted(Math.toDegrees(found.by())), found.set()));
    }

    private static Optional<Mend> farther(TableSet set) {
        return Trying.first(
                        STEP,
                        FARTHEST,
                        by -> Lever.LIGHT_DISTANCE.set(set, set.light().distance() + by),
                        InFrame::lightOut)
                .map(found -> new Mend("Move it back by " + Lengths.words(found.by()), found.set()));
    }

    private static boolean lightOut(TableSet set) {
        LightInFrame seen = LightInFrame.of(set);
        return seen.face() + seen.back() == 0;
    }

    /** The upright of a stand that comes up beside the table; over the table a light hangs from a boom. */
    static Optional<Spoiled> stand(Inspection scene) {
        TableSet set = scene.set;
        return standIn(set)
                ? Optional.of(new Spoiled(
                        Finding.Kind.STAND_IN_FRAME,
                        "light.clock",
                        "The upright under the light is in the frame",
                        () -> Trying.round(set, CLOCK_STEP, Math.PI / 2, turned -> !standIn(turned))))
                : Optional.empty();
    }

    private static boolean standIn(TableSet set) {
        Vector3D light = set.pose().source();
        if (set.light().filling() instanceof OffRoom || over(set.tableTop(), light)) {
            return false;
        }
        Perspective view = Perspective.of(set);
        Scene scene = Scene.of(set);
        Ray sight = new Ray();
        Hit hit = new Hit();
        for (double z = light.getZ() - BELOW_LIGHT; z > 0; z -= STEP) {
            Vector3D place = Vector3D.of(light.getX(), light.getY(), z);
            Vector3D way = place.subtract(view.eye());
            Vector3D seen = view.project(place);
            if (way.dot(view.forward()) > 0 && Math.abs(seen.getX() - 0.5) < 0.5 && Math.abs(seen.getY() - 0.5) < 0.5) {
                Vector3D unit = way.normalize();
                Vector3D eye = view.eye();
                sight.set(eye.getX(), eye.getY(), eye.getZ(), unit.getX(), unit.getY(), unit.getZ());
                scene.meet(sight, hit);
                if (hit.distance > way.norm()) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean over(TableTop table, Vector3D light) {
        return light.getX() > -table.left()
                && light.getX() < table.right()
                && light.getY() > -table.before()
                && light.getY() < table.behind();
    }

    static Optional<Spoiled> cards(Inspection scene) {
        TableSet set = scene.set;
        if (set.cards().isEmpty()) {
            return Optional.empty();
        }
        CardsInFrame now = CardsInFrame.of(set);
        OptionalInt largest = now.largest();
        if (largest.isEmpty() || now.share(largest.getAsInt()) < SEEN) {
            return Optional.empty();
        }
        int card = largest.getAsInt();
        return Optional.of(new Spoiled(
                Finding.Kind.CARD_IN_FRAME,
                "cards[%d].distance".formatted(card),
                "Card %d is in the frame: it takes up %.1f %% of it".formatted(card + 1, 100 * now.share(card)),
                () -> {
                    Card one = set.cards().get(card);
                    return Trying.first(
                                    STEP,
                                    FARTHEST,
                                    by -> Cards.with(set, card, one.withDistance(one.distance() + by)),
                                    moved -> CardsInFrame.of(moved).share(card) == 0)
                            .map(found -> new Mend("Move it out by " + Lengths.words(found.by()), found.set()));
                }));
    }
}
