package zephyrdune.finding;

import java.util.Optional;
import java.util.stream.Stream;
import zephyrdune.move.Lever;
import zephyrdune.picture.CardsInFrame;
import zephyrdune.picture.LightInFrame;
import zephyrdune.table.Card;
import zephyrdune.table.OffRoom;
import zephyrdune.table.TableSet;

/** What the camera sees that it should not. */
final class InFrame {

    /** Less of the frame than this is a corner of a pixel. */
    private static final double SEEN = 0.0008;

    private static final double STEP = 0.02;
    private static final double FARTHEST = 1.2;
    private static final double ANGLE_STEP = Math.toRadians(2);

    private InFrame() {}

    static Stream<Finding> light(TableSet set) {
        LightInFrame now = LightInFrame.of(set);
        double share = now.face() + now.back();
        if (share < SEEN || set.light().filling() instanceof OffRoom) {
            return Stream.empty();
        }
        Optional<Trying.Found> higher = Trying.first(
                ANGLE_STEP,
                Math.PI / 2 - set.light().heightAngle(),
                by -> set.withLight(set.light().withHeightAngle(set.light().heightAngle() + by)),
                InFrame::lightOut);
        Optional<Trying.Found> farther = Trying.first(
                STEP, FARTHEST, by -> Lever.LIGHT_DISTANCE.set(set, set.light().distance() + by), InFrame::lightOut);
        String action = higher.isPresent()
                ? "Raise it by %.0f°".formatted(Math.toDegrees(higher.get().by()))
                : farther.map(found -> "Move it back by " + Trying.centimetres(found.by()))
                        .orElse("");
        return Stream.of(Finding.of(
                Finding.Kind.LIGHT_IN_FRAME,
                "light.heightAngle",
                "The light is in the frame: it takes up %.1f %% of it".formatted(100 * share),
                action,
                higher.or(() -> farther).map(Trying.Found::set)));
    }

    private static boolean lightOut(TableSet set) {
        LightInFrame seen = LightInFrame.of(set);
        return seen.face() + seen.back() == 0;
    }

    static Stream<Finding> cards(TableSet set) {
        if (set.cards().isEmpty()) {
            return Stream.empty();
        }
        CardsInFrame now = CardsInFrame.of(set);
        int card = now.largest();
        if (card < 0 || now.share(card) < SEEN) {
            return Stream.empty();
        }
        Card one = set.cards().get(card);
        Optional<Trying.Found> out = Trying.first(
                STEP,
                FARTHEST,
                by -> Cards.with(set, card, one.withDistance(one.distance() + by)),
                moved -> CardsInFrame.of(moved).share(card) == 0);
        return Stream.of(Finding.of(
                Finding.Kind.CARD_IN_FRAME,
                "cards[%d].distance".formatted(card),
                "Card %d is in the frame: it takes up %.1f %% of it".formatted(card + 1, 100 * now.share(card)),
                out.map(found -> "Move it out by " + Trying.centimetres(found.by()))
                        .orElse(""),
                out.map(Trying.Found::set)));
    }
}
