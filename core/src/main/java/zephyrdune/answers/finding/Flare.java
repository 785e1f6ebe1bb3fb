package zephyrdune.answers.finding;

import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.move.CardPlace;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.surface.Surface;

/** The key shining into the lens: within a cone round the lens axis it veils the picture. The bounds are common practice. */
final class Flare {

    /** From so far outside the corner of the field a hood keeps light off the lens. */
    private static final double HOODED = Math.toRadians(20);

    /** Share of the hero's light that counts on the front of the lens. */
    private static final double VEILS = 0.1;

    /** What a flag has to leave of it. */
    private static final double KEPT_OFF = 0.1;

    private static final double SMALLEST = 0.15;
    private static final double LARGEST = 0.6;
    private static final double SIZE_STEP = 0.05;
    private static final double WAY_STEP = 0.05;

    private Flare() {}

    static Optional<Spoiled> ofKey(Inspection scene) {
        TableSet set = scene.set;
        Vector3D towards = set.pose().centre().subtract(scene.view.eye());
        double off = Math.acos(towards.normalize().dot(scene.view.forward()));
        if (off > corner(scene.view) + HOODED || set.light().filling() instanceof OffRoom) {
            return Optional.empty();
        }
        double hero = scene.key.heroIlluminance();
        double share = hero == 0 ? 0 : onLens(scene.key, scene.view) / hero;
        return share < VEILS
                ? Optional.empty()
                : Optional.of(new Spoiled(
                        Finding.Kind.FLARE,
                        "light.clock",
                        "The light shines into the lens, %.0f° off its axis, with %.0f %% of what it gives the hero"
                                .formatted(Math.toDegrees(off), 100 * share),
                        () -> flagged(scene, towards).map(mended -> new Mend("Stand a flag before the lens", mended))));
    }

    private static double corner(Perspective view) {
        return Math.atan(Math.hypot(view.rightHalf().norm(), view.upHalf().norm()));
    }

    private static double onLens(KeyLight key, Perspective view) {
        return key.at(view.eye(), view.forward());
    }

    /** The smallest black card on the way from lens to light that keeps the lens dark, out of the frame and off the hero. */
    private static Optional<TableSet> flagged(Inspection scene, Vector3D towards) {
        Perspective view = scene.view;
        double before = onLens(scene.key, view);
        double hero = scene.key.at(scene.key.hero(), Vector3D.Unit.PLUS_Z);
        for (double size = SMALLEST; size <= LARGEST; size += SIZE_STEP) {
            double width = size;
            Optional<Trying.Found> found = Trying.first(
                    WAY_STEP,
                    0.9,
                    share -> Cards.and(scene.set, flag(view.eye().add(towards.multiply(share)), towards, width)),
                    flagged -> {
                        KeyLight key = KeyLight.of(flagged);
                        return onLens(key, view) < KEPT_OFF * before
                                && key.at(key.hero(), Vector3D.Unit.PLUS_Z) > 0.98 * hero
                                && CardsInFrame.of(flagged)
                                                .share(flagged.cards().size() - 1)
                                        == 0;
                    });
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
