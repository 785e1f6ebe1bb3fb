package zephyrdune.answers.steps;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import zephyrdune.answers.fill.Fill;
import zephyrdune.answers.shadow.ShadowDepth;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Layers;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.NoBase;
import zephyrdune.units.sampling.Sureness;

/**
 * A frame of a set with some of its lights and cards away, at the power that the whole set has.
 *
 * @param off layers that are left out of the picture
 * @param litToShadow stops, where both sides get light
 * @param shadowDepth stops, where the shadow ends on the table
 */
public record Step(Kind kind, TableSet set, Set<Integer> off, OptionalDouble litToShadow, OptionalDouble shadowDepth) {

    /** Which frame it is. */
    public enum Kind {
        KEY_ONLY("Key only"),
        WITH_CARD("Key with card"),
        CARD_OFF("Card off"),
        BASE_ONLY("Base only"),
        PATTERN_ONLY("Pattern only"),
        EVERYTHING("Everything");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The frames that differ for a set: for one without cards, pattern and base the key alone, and everything. */
    public static List<Step> of(TableSet whole) {
        // all frames are exposed alike
        TableSet set = MeteredExposure.fixed(whole);
        boolean fills = set.cards().stream().anyMatch(card -> Fill.fills(set, card));
        boolean pattern = set.patterned();
        Set<Integer> noRoom = Set.of(Layers.AMBIENT);
        TableSet keyOnly =
                without(set.withBase(new NoBase()), card -> card.cut().patterned() || Fill.fills(set, card));
        List<Step> steps = new ArrayList<>();
        steps.add(of(Kind.KEY_ONLY, keyOnly, noRoom));
        if (fills) {
            TableSet carded =
                    without(set.withBase(new NoBase()), card -> card.cut().patterned());
            steps.add(of(Kind.WITH_CARD, carded, noRoom));
            steps.add(of(Kind.CARD_OFF, without(set, card -> Fill.fills(set, card)), Set.of()));
        }
        if (set.base() instanceof BroadBase) {
            Set<Integer> keyOff = new HashSet<>();
            IntStream.range(0, Layers.count(set.cards().size()))
                    .filter(layer -> layer != Layers.BASE)
                    .forEach(keyOff::add);
            steps.add(of(Kind.BASE_ONLY, set, keyOff));
        }
        if (pattern) {
            TableSet patterned = without(set.withBase(new NoBase()), card -> Fill.fills(set, card));
            steps.add(of(Kind.PATTERN_ONLY, patterned, noRoom));
        }
        steps.add(of(Kind.EVERYTHING, set, Set.of()));
        return steps;
    }

    private static TableSet without(TableSet set, Predicate<Card> gone) {
        return set.withCards(set.cards().stream().filter(gone.negate()).toList());
    }

    private static Step of(Kind kind, TableSet set, Set<Integer> off) {
        KeyLight key = KeyLight.of(set);
        double below = MeteredExposure.below(set, key);
        return new Step(
                kind,
                set,
                off,
                finite(Fill.of(set, key, below, off, Sureness.AT_REST).map(Fill::litToShadow)),
                finite(ShadowDepth.of(set, TableShadow.of(set), Mix.of(set, off, key, below), Sureness.AT_REST)
                        .map(ShadowDepth::stops)));
    }

    private static OptionalDouble finite(Optional<Double> stops) {
        return stops.stream()
                .mapToDouble(Double::doubleValue)
                .filter(Double::isFinite)
                .findFirst();
    }
}
