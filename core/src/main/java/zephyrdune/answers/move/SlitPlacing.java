package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.falloff.FallOff;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.pattern.CutLine;
import zephyrdune.light.pattern.LightStrip;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slit;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Refused;

/**
 * Two boards that leave a slit of light on the hero and keep the backdrop dark. Found on the light model itself.
 *
 * @param set with the boards
 * @param card the number of the card that stands for them
 * @param gap between them, metres
 * @param strip width in full light, metres
 * @param backdrop level of the backdrop against the hero, stops
 */
public record SlitPlacing(TableSet set, int card, double gap, double strip, double backdrop) {

    /** A backdrop so many stops under the hero looks black. Common practice, no published source. */
    public static final double DARK = 3;

    private static final double BOARDS = 1.6;
    private static final double TALLER = 0.1;
    private static final double WIDEST = 1;
    private static final double FINE = 5e-4;

    /** Places on the way from light to hero that are tried, the nearest to the hero last: shares of the way. */
    private static final double[] SHARES = {0.75, 0.7, 0.65, 0.6, 0.55, 0.5, 0.45, 0.4, 0.35, 0.3, 0.25, 0.2};

    /**
     * A slit whose strip of full light covers the hero, with the backdrop at least so many stops under it and the boards out of the frame.
     *
     * @param under stops
     * @return nothing where no slit does it
     */
    public static Optional<SlitPlacing> of(TableSet set, double under) {
        for (double share : SHARES) {
            Optional<SlitPlacing> found = at(set, share, under);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    private static Optional<SlitPlacing> at(TableSet set, double share, double under) {
        try {
            if (!covers(with(set, share, WIDEST))) {
                return Optional.empty();
            }
            double gap = Bisection.of(0, WIDEST, FINE, narrow -> !covers(with(set, share, narrow)))
                    .fails();
            TableSet placed = with(set, share, gap);
            double backdrop =
                    FallOff.heroToBackdrop(placed, KeyLight.of(placed)).stops();
            int card = placed.cards().size() - 1;
            boolean inFrame = CardsInFrame.shows(placed, card);
            return backdrop > -under || inFrame
                    ? Optional.empty()
                    : Optional.of(new SlitPlacing(placed, card, gap, strip(placed), backdrop));
        } catch (Refused impossible) {
            return Optional.empty();
        }
    }

    /** Whether the strip of full light is as wide as the hero. */
    private static boolean covers(TableSet set) {
        KeyLight key = KeyLight.of(set);
        return CutLine.of(set, key)
                .filter(line -> LightStrip.isFull(line, key, set.dish().radius()))
                .isPresent();
    }

    private static double strip(TableSet set) {
        KeyLight key = KeyLight.of(set);
        return CutLine.of(set, key)
                .map(line -> LightStrip.of(line, key))
                .flatMap(LightStrip::full)
                .filter(full -> full.from() < 0 && full.to() > 0)
                .map(full -> 2 * Math.min(-full.from(), full.to()))
                .orElse(0.0);
    }

    /** The set with a slit some way from hero to light, in place of a slit that it had. */
    private static TableSet with(TableSet set, double share, double gap) {
        List<Card> cards = new ArrayList<>(set.cards());
        cards.removeIf(card -> card.cut().holes() instanceof Slit);
        Vector3D light = set.pose().centre();
        double level = Math.hypot(light.getX(), light.getY());
        double highest = light.getZ() + Math.abs(set.pose().upHalf().getZ());
        double height = Math.min(3, TALLER + highest * share + set.dish().top());
        cards.add(new Card(
                        Surface.BLACK_PAPER,
                        BOARDS,
                        height,
                        CardPlace.clock(Math.atan2(light.getX(), light.getY())),
                        level * share,
                        0,
                        0,
                        0)
                .withCut(Cut.of(new Slit(gap))));
        return set.withCards(cards);
    }
}
