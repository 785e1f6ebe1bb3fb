package zephyrdune.answers.fill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Metered;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.colour.WhiteBalance;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/**
 * The hero's lit side against its shadow side: all light on the hero's outline at half its height, straight under the key and straight
 * opposite. With the cards, and without those that only fill. Found by traced rounds, and the same for the same set.
 *
 * <p>Used by one thread: what there would be without the cards is found when first asked for.
 */
public final class Fill {

    /**
     * Light on both sides.
     *
     * @param lit as a pixel value of white
     * @param shadow likewise
     * @param error standard error of their ratio, stops
     */
    public record Light(double lit, double shadow, double error) {

        /** Stops from the lit side down to the shadow side. */
        public double ratio() {
            return Stops.between(lit, shadow);
        }
    }

    /** Nearer than this to straight above, a light has no shadow side. */
    private static final double UPRIGHT = 0.02;

    /** Light that the cards send in less than this share of all has no colour worth a word. */
    private static final double NOTHING = 1e-4;

    private final TableSet set;
    private final Side lit;
    private final Side shadow;
    private final Sides with;
    private final Supplier<Light> barely;
    private Light bare;

    private Fill(TableSet set, Side lit, Side shadow, Sides with, Supplier<Light> barely) {
        this.set = set;
        this.lit = lit;
        this.shadow = shadow;
        this.with = with;
        this.barely = barely;
    }

    /** Nothing where the light stands straight above the hero. */
    public static Optional<Fill> of(TableSet set, KeyLight key) {
        return of(set, key, MeteredExposure.below(set, key), Set.of(), Sureness.AT_REST);
    }

    /**
     * The same with some layers of light left out.
     *
     * @param below full power, stops, that the light is at
     */
    public static Optional<Fill> of(TableSet set, KeyLight key, double below, Set<Integer> off, Sureness sureness) {
        Vector3D light = set.pose().centre();
        double level = Math.hypot(light.getX(), light.getY());
        if (level < UPRIGHT * light.norm()) {
            return Optional.empty();
        }
        double dx = light.getX() / level;
        double dy = light.getY() / level;
        Side lit = Side.of(set.dish(), dx, dy);
        Side shadow = Side.of(set.dish(), -dx, -dy);
        Sides with = new Sides(set, Mix.of(set, off, key, below), lit, shadow, sureness);
        return Optional.of(new Fill(set, lit, shadow, with, () -> {
            TableSet bare = set.withCards(cutting(set));
            return bare.cards().size() == set.cards().size()
                    ? with.light
                    : new Sides(bare, Mix.of(bare, off, key, below), lit, shadow, sureness).light;
        }));
    }

    /** The lit side. */
    public Side lit() {
        return lit;
    }

    /** The shadow side. */
    public Side shadow() {
        return shadow;
    }

    /** Light on both with the cards. */
    public Light with() {
        return with.light;
    }

    /** Light on both without the cards that fill. */
    public Light bare() {
        if (bare == null) {
            bare = barely.get();
        }
        return bare;
    }

    /** Of each card, what it sends to the shadow side over all that there is. */
    public List<Double> cardShares() {
        return with.shares();
    }

    /** Of what the cards send to the shadow side against the key: positive is warmer, mired; absent where they send nothing. */
    public OptionalDouble tint() {
        return with.tint(set);
    }

    /** The cards that do not only fill: those with a pattern, and those that keep some of the key off the hero. */
    private static List<Card> cutting(TableSet set) {
        return set.cards().stream().filter(card -> !fills(set, card)).toList();
    }

    /** Whether a card leaves the key on the hero as it is. */
    public static boolean fills(TableSet set, Card card) {
        if (card.cut().any()) {
            return false;
        }
        KeyLight key = KeyLight.open(set);
        return Cutters.of(card.panels()).clear(key.face(), key.hero());
    }

    /** Stops from the lit side down to the shadow side. */
    public double litToShadow() {
        return with().ratio();
    }

    public double litToShadowBare() {
        return bare().ratio();
    }

    /** Stops by which the cards that fill lift the shadow side; negative where they take light away. */
    public double lift() {
        return Stops.between(with().shadow, bare().shadow);
    }

    /** The two sides as they are lit, layer by layer. */
    private static final class Sides {

        private final Mix mix;
        private final int cards;
        private final double[] shadowLayers;
        private final Light light;

        Sides(TableSet set, Mix mix, Side lit, Side shadow, Sureness sureness) {
            this.mix = mix;
            cards = set.cards().size();
            Scene scene = Scene.of(set);
            Metered bright = new Metered(set, scene, lit.place(), lit.facing(), mix);
            Metered dark = new Metered(set, scene, shadow.place(), shadow.facing(), mix);
            double error = Metered.settle(bright, dark, sureness);
            light = new Light(bright.light(), dark.light(), error);
            shadowLayers = dark.layers();
        }

        private double of(double[] layers, int layer, int channel) {
            return mix.weight(layer, channel) * layers[3 * layer + channel];
        }

        List<Double> shares() {
            List<Double> shares = new ArrayList<>();
            for (int card = 0; card < cards; card++) {
                shares.add(light.shadow == 0 ? 0 : mix.light(shadowLayers, Layers.FIRST_CARD + card) / light.shadow);
            }
            return shares;
        }

        OptionalDouble tint(TableSet set) {
            double[] sent = new double[3];
            for (int channel = 0; channel < 3; channel++) {
                for (int card = 0; card < cards; card++) {
                    sent[channel] += of(shadowLayers, Layers.FIRST_CARD + card, channel);
                }
            }
            if (!(sent[1] > NOTHING * light.shadow)) {
                return OptionalDouble.empty();
            }
            WhiteBalance balance = new WhiteBalance(set.exposure().whiteBalance());
            OptionalDouble cards = balance.light(sent).temperature();
            OptionalDouble key = KeyColour.of(set).mired();
            return cards.isPresent() && key.isPresent()
                    ? OptionalDouble.of(Mired.of(cards.getAsDouble()) - key.getAsDouble())
                    : OptionalDouble.empty();
        }
    }
}
