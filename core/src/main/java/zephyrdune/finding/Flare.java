package zephyrdune.finding;

import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.move.CardPlace;
import zephyrdune.picture.CardsInFrame;
import zephyrdune.picture.View;
import zephyrdune.table.Card;
import zephyrdune.table.OffRoom;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

/** The key shining into the lens: within a cone round the lens axis it veils the picture. The bounds are common practice. */
final class Flare {

    /** From so far outside the corner of the field a hood keeps light off the lens. */
    private static final double HOODED = Math.toRadians(30);

    /** Share of the hero's light that counts on the front of the lens. */
    private static final double VEILS = 0.1;

    /** What a flag has to leave of it. */
    private static final double KEPT_OFF = 0.1;

    private static final double SMALLEST = 0.15;
    private static final double LARGEST = 0.6;
    private static final double SIZE_STEP = 0.05;
    private static final double WAY_STEP = 0.05;

    private Flare() {}

    static Stream<Finding> ofKey(TableSet set) {
        double share = share(set);
        View view = View.of(set);
        Vector3D towards = set.pose().centre().subtract(view.eye());
        if (share < VEILS
                || angle(view, towards) > corner(view) + HOODED
                || set.light().filling() instanceof OffRoom) {
            return Stream.empty();
        }
        double off = Math.toDegrees(angle(view, towards));
        Optional<TableSet> flagged = flagged(set, view, towards, share);
        return Stream.of(Finding.of(
                Finding.Kind.FLARE,
                "light.clock",
                "The light shines into the lens, %.0f° off its axis, with %.0f %% of what it gives the hero"
                        .formatted(off, 100 * share),
                "Stand a flag before the lens",
                flagged));
    }

    private static double angle(View view, Vector3D towards) {
        return Math.acos(towards.normalize().dot(view.forward()));
    }

    private static double corner(View view) {
        return Math.atan(Math.hypot(view.rightHalf().norm(), view.upHalf().norm()));
    }

    /** Light on the front of the lens over that on the hero. */
    private static double share(TableSet set) {
        KeyLight key = KeyLight.of(set);
        View view = View.of(set);
        return key.heroIlluminance() == 0 ? 0 : key.at(view.eye(), view.forward()) / key.heroIlluminance();
    }

    /** The smallest black card on the way from lens to light that keeps the lens dark, out of the frame and off the hero. */
    private static Optional<TableSet> flagged(TableSet set, View view, Vector3D towards, double before) {
        double hero = KeyLight.of(set).heroIlluminance();
        for (double size = SMALLEST; size <= LARGEST; size += SIZE_STEP) {
            double width = size;
            Optional<Trying.Found> found = Trying.first(
                    WAY_STEP,
                    0.9,
                    share -> Cards.and(set, flag(view.eye().add(towards.multiply(share)), towards, width)),
                    flagged -> share(flagged) < KEPT_OFF * before
                            && CardsInFrame.of(flagged).share(flagged.cards().size() - 1) == 0
                            && KeyLight.of(flagged).heroIlluminance() > 0.98 * hero);
            if (found.isPresent()) {
                return found.map(Trying.Found::set);
            }
        }
        return Optional.empty();
    }

    private static Card flag(Vector3D middle, Vector3D facing, double size) {
        return CardPlace.standing(new Card(Surface.BLACK_PAPER, size, size, 0, 1, 0, 0, 0), middle, facing.normalize());
    }
}
