package zephyrdune.answers.move;

import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.CardFill;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;

/** Usual places of a card, each from where it is now. */
public enum CardPlace {
    /** Opposite the light, as far from the hero as now, turned to send the key's light to it. */
    OPPOSITE {
        @Override
        Card of(TableSet set, int at) {
            Card card = set.card(at);
            double clock = clock(set.light().clock() + Math.PI);
            return bouncing(set, card.withPlace(clock, card.distance(), card.lift()));
        }
    },
    /** Opposite the light, as far from the hero as now or just so far that the frame does not see it. */
    OUT_OF_FRAME {
        @Override
        Card of(TableSet set, int at) {
            TableSet there = OPPOSITE.put(set, at);
            Card card = there.card(at);
            OptionalDouble unseen = CardFill.unseenFrom(there, at);
            return unseen.isPresent() && unseen.getAsDouble() > card.distance()
                    ? card.withDistance(unseen.getAsDouble() + CLEAR)
                    : card;
        }
    },
    /** Where it is, turned so that a mirror would send the key's light to the hero. */
    BOUNCE {
        @Override
        Card of(TableSet set, int at) {
            return bouncing(set, set.card(at));
        }
    },
    /** Half way between light and hero, square to the light's way. */
    IN_THE_WAY {
        @Override
        Card of(TableSet set, int at) {
            Vector3D top = Vector3D.of(0, 0, set.dish().top());
            Vector3D way = set.pose().centre().subtract(top);
            Vector3D middle = top.add(way.multiply(0.5));
            return standing(set.card(at), middle, way.negate().normalize());
        }
    };

    /** A card that is not to be seen stands so far out of the frame, metres. */
    private static final double CLEAR = 0.01;

    /** One of a set's cards there. */
    abstract Card of(TableSet set, int at);

    /** The set with one of its cards there. */
    public TableSet put(TableSet set, int at) {
        Card there = of(set, at);
        return Shaping.changed(set, at, card -> there);
    }

    private static Card bouncing(TableSet set, Card card) {
        Vector3D top = Vector3D.of(0, 0, set.dish().top());
        Vector3D toHero = top.subtract(card.centre()).normalize();
        Vector3D toLight = set.pose().centre().subtract(card.centre()).normalize();
        Vector3D half = toHero.add(toLight);
        return half.norm() < 1e-6 ? card : facing(card, half.normalize());
    }

    /** A card with its middle at a place, or above it where its foot would be under the table, that faces a direction. */
    public static Card standing(Card card, Vector3D middle, Vector3D direction) {
        return centred(facing(at(card, middle), direction), middle);
    }

    /** A card turned so that its front, or its back, faces a direction. */
    static Card facing(Card card, Vector3D direction) {
        double facing = Math.atan2(-direction.getX(), -direction.getY());
        double lean = Math.asin(Math.max(-1, Math.min(1, direction.getZ())));
        double turn = Math.IEEEremainder(card.clock() - facing, 2 * Math.PI);
        if (Math.abs(turn) > Math.PI / 2) {
            turn -= Math.copySign(Math.PI, turn);
            lean = -lean;
        }
        return card.facing(turn, lean);
    }

    /** A card whose middle stands over a place; its lift stays. */
    static Card at(Card card, Vector3D place) {
        return card.withPlace(
                clock(Math.atan2(place.getX(), place.getY())), Math.hypot(place.getX(), place.getY()), card.lift());
    }

    /** A card with its middle at a place, or above it where its foot would be under the table. */
    static Card centred(Card card, Vector3D place) {
        return card.withPlace(
                card.clock(), card.distance(), Math.max(0, place.getZ() - card.height() / 2 * Math.cos(card.lean())));
    }

    static double clock(double angle) {
        double round = angle % (2 * Math.PI);
        return round < 0 ? round + 2 * Math.PI : round;
    }
}
