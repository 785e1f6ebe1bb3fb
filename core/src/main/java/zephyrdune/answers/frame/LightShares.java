package zephyrdune.answers.frame;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Layers;

/**
 * Whose light a patch is predicted to show: shares of all of it; what is left is the lights' by no card and no wall.
 *
 * @param room of the room's own light
 * @param walls of the key by way of the room's walls
 * @param cards of the key by way of each card; less than nothing for one that takes more than it gives
 */
public record LightShares(double room, double walls, List<Double> cards) {

    /** All of it the lights'. */
    public static final LightShares STRAIGHT = new LightShares(0, 0, List.of());

    public LightShares {
        cards = List.copyOf(cards);
    }

    static LightShares of(Mix mix, double[] layers, double all) {
        List<Double> cards = new ArrayList<>();
        for (int layer = Layers.FIRST_CARD; layer < layers.length / 3; layer++) {
            cards.add(mix.light(layers, layer) / all);
        }
        return new LightShares(mix.light(layers, Layers.AMBIENT) / all, mix.light(layers, Layers.ROOM) / all, cards);
    }
}
