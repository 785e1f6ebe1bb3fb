package zephyrdune.answers.move;

import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.Fill;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Refused;

/**
 * The way of a card that cuts the light, along the beam: from near the dish to near the light, measured as the light's own distance is,
 * from the aim point. The card keeps the way it faces, and how far it is off the beam's middle.
 *
 * @param near where its middle is at the near end
 * @param far where its middle is at the far end
 * @param nearest at the near end, metres
 * @param farthest at the far end, metres
 * @param now where it is, metres
 */
public record CardSlide(Vector3D near, Vector3D far, double nearest, double farthest, double now) {

    /** Nearer to its ends a card is not taken; how finely the ends are looked for. */
    private static final double MARGIN = 0.02;

    private static final double STEP = 0.002;

    /** Nothing for a card that only fills, or stands where it cannot slide. */
    public static Optional<CardSlide> of(TableSet set, int at) {
        Card card = set.card(at);
        Vector3D aim = set.light().aim().point();
        Vector3D way = set.pose().centre().subtract(aim);
        Vector3D along = way.normalize();
        Vector3D fromAim = card.centre().subtract(aim);
        double now = fromAim.dot(along);
        if (Fill.fills(set, card) || now < MARGIN || now > way.norm() - MARGIN) {
            return Optional.empty();
        }
        Vector3D foot = card.centre().subtract(along.multiply(now));
        double nearest = end(set, at, foot, along, now, MARGIN);
        double farthest = end(set, at, foot, along, now, way.norm() - MARGIN);
        return Optional.of(new CardSlide(
                foot.add(along.multiply(nearest)), foot.add(along.multiply(farthest)), nearest, farthest, now));
    }

    /** How far it can go from where it is towards an end. */
    private static double end(TableSet set, int at, Vector3D foot, Vector3D along, double now, double end) {
        double way = Math.signum(end - now);
        return now
                + way
                        * Bisection.of(
                                        0,
                                        Math.abs(end - now),
                                        STEP,
                                        far -> stands(set, at, foot.add(along.multiply(now + way * far))))
                                .holds();
    }

    private static boolean stands(TableSet set, int at, Vector3D middle) {
        Card card = set.card(at);
        if (middle.getZ() < card.height() / 2 * Math.cos(card.lean())) {
            return false;
        }
        try {
            Shaping.changed(set, at, one -> moved(one, middle));
            return true;
        } catch (Refused cannotStand) {
            return false;
        }
    }

    /** The card with its middle at a place, facing the way it does now. */
    static Card moved(Card card, Vector3D middle) {
        Card there = CardPlace.centred(CardPlace.at(card, middle), middle);
        double turn = Math.IEEEremainder(card.turn() + there.clock() - card.clock(), 2 * Math.PI);
        return there.facing(turn, card.lean());
    }
}
