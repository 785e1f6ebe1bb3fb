package zephyrdune.oracle;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;

/** Sets at random that the oracle knows: the same for the same seed. */
final class RandomSets {

    private static final Surface[] PAPERS = {Surface.WHITE_PAPER, Surface.GREY_PAPER, Surface.BLACK_PAPER};
    private static final Surface[] WALLS = {Surface.WHITE_PAPER, Surface.GREY_PAPER, Surface.CLAY};

    private final Random random;

    RandomSets(long seed) {
        random = new Random(seed);
    }

    private double between(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    private Surface of(Surface... some) {
        return some[random.nextInt(some.length)];
    }

    /** One that could stand. */
    TableSet next() {
        while (true) {
            try {
                return any();
            } catch (Refused e) {
                // another
            }
        }
    }

    private TableSet any() {
        double clock = between(0, 12);
        TableSet set = Sets.chowder()
                .withLight(Sets.box(between(0.1, 0.9), between(0.1, 0.9), clock, between(20, 75), between(0.55, 1.3)))
                .withDish(dish())
                .withBackdrop(new Backdrop(between(0.5, 2.5), between(0.5, 3), between(0.5, 2), of(PAPERS)))
                .withAmbient(new Ambient(0, 5500, 5));
        set = switch (random.nextInt(3)) {
            case 0 -> set.withTableTop(Sets.endless(of(PAPERS))).withAmbient(new Ambient(between(0, 3000), 5500, 5));
            case 1 -> set.withTableTop(top());
            default -> {
                TableTop top = top();
                double room = 0.3;
                yield set.withTableTop(top)
                        .withRoom(new WalledRoom(
                                top.left() + room,
                                top.right() + room,
                                Math.max(top.behind(), set.backdrop().distance()) + room,
                                top.before() + room,
                                between(1, 2.5),
                                0.75,
                                of(WALLS),
                                of(WALLS),
                                of(WALLS)));
            }
        };
        List<Card> cards = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            cards.add(card(clock));
        }
        return set.withCards(cards);
    }

    private TableTop top() {
        return new TableTop(of(PAPERS), between(0.6, 2), between(0.6, 2), between(0.6, 2), between(0.6, 2));
    }

    private Dish dish() {
        Surface surface = of(PAPERS);
        return random.nextBoolean()
                ? new Block(between(0.04, 0.25), between(0.04, 0.25), between(0.03, 0.2), surface)
                : new Drum(between(0.05, 0.15), between(0.05, 0.15), between(0.03, 0.2), surface, surface);
    }

    /** Opposite the light to fill, or on its side to cut. */
    private Card card(double clock) {
        boolean fills = random.nextInt(3) > 0;
        double at = (clock + (fills ? 6 : 0) + between(-1.5, 1.5) + 12) % 12 * Math.PI / 6;
        Card card = new Card(
                fills ? of(Surface.WHITE_PAPER, Surface.BLACK_PAPER, Surface.CLAY) : of(PAPERS),
                between(0.15, 0.5),
                between(0.1, 0.4),
                at,
                between(0.2, 0.5),
                fills ? 0 : between(0, 0.3),
                0,
                0);
        return fills || random.nextBoolean() ? card : card.withCut(Cut.of(new Slit(between(0.02, 0.1))));
    }
}
