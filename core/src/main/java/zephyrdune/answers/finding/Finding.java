package zephyrdune.answers.finding;

import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import zephyrdune.set.TableSet;
import zephyrdune.units.sampling.Sureness;

/**
 * Something in the set that spoils the picture, and one thing that mends it.
 *
 * @param field path of the component it is about
 * @param words what it is, with its figures, as a sentence
 * @param action what can be tried, in a few words; empty where there is nothing to try
 * @param tried the set after it
 */
public record Finding(Kind kind, String field, String words, String action, Optional<TableSet> tried) {

    /** As many at once as somebody can act on. */
    public static final int FEW = 3;

    /** What it is about; those that spoil most come first. */
    public enum Kind {
        SHUTTER_BEYOND_SYNC,
        POWER_AT_ITS_END,
        ROOM_TOO_BRIGHT,
        LIGHT_IN_FRAME,
        STAND_IN_FRAME,
        CARD_IN_FRAME,
        CARD_THROUGH,
        FLARE,
        BLOWN_OUT,
        CAMERA_IN_THE_WAY,
        BASE_IN_THE_WAY,
        PROP_SHADES_HERO,
        CARD_SHADES_HERO,
        FLAG_EDGE_IN_FRAME,
        PATTERN_WIPED_OUT,
        HOT_SPOT,
        FILL_FLATTENS,
        ROOM_SHOWS,
        TEXT_COVERED,
        PANEL_PARTLY_LIT,
        SNOOT_TOO_SMALL,
        BLOCKED;

        /** No picture is any good with it, whatever it is to look like. */
        private static final Set<Kind> RUINOUS = EnumSet.of(
                SHUTTER_BEYOND_SYNC,
                POWER_AT_ITS_END,
                LIGHT_IN_FRAME,
                STAND_IN_FRAME,
                CARD_IN_FRAME,
                CARD_THROUGH,
                CAMERA_IN_THE_WAY);

        /** All that no picture is any good with. */
        public static Set<Kind> allRuinous() {
            return EnumSet.copyOf(RUINOUS);
        }

        /** Whether no picture is any good with it, whatever it is to look like. */
        public boolean ruinous() {
            return RUINOUS.contains(this);
        }
    }

    /** In the order of the kinds. */
    private static final List<Function<Inspection, Optional<Spoiled>>> LOOKS = List.of(
            Settings::shutter,
            Settings::power,
            Settings::roomAlone,
            InFrame::light,
            InFrame::stand,
            InFrame::cards,
            Crossing::cards,
            Flare::ofKey,
            Tones::blownOut,
            CameraShade::onHero,
            OnTable::baseShades,
            OnTable::propShades,
            OnTable::cardShades,
            OnTable::flagEdges,
            OnTable::patternWipedOut,
            OnTable::hotSpot,
            OnTable::fillFlattens,
            Settings::room,
            TextKeptFree::covered,
            PartLit::panel,
            PartLit::snoot,
            Tones::blocked);

    /** The worst that is found, what spoils most first; {@link #FEW} at most. */
    public static List<Finding> of(TableSet set) {
        Inspection scene = new Inspection(set);
        return LOOKS.stream()
                .flatMap(look -> look.apply(scene).stream())
                .limit(FEW)
                .map(Finding::of)
                .toList();
    }

    /** What is found of one kind. */
    public static Optional<Finding> of(TableSet set, Kind kind) {
        return LOOKS.get(kind.ordinal()).apply(new Inspection(set)).map(Finding::of);
    }

    /** Which of some kinds are found, each in words; what mends them is not looked for. */
    public static Map<Kind, String> present(TableSet set, Collection<Kind> kinds) {
        return present(set, kinds, Sureness.AT_REST);
    }

    /** The same, what is sampled no surer than asked for. */
    public static Map<Kind, String> present(TableSet set, Collection<Kind> kinds, Sureness sureness) {
        Map<Kind, String> found = new EnumMap<>(Kind.class);
        if (!kinds.isEmpty()) {
            Inspection scene = new Inspection(set, sureness);
            kinds.forEach(kind ->
                    LOOKS.get(kind.ordinal()).apply(scene).ifPresent(spoiled -> found.put(kind, spoiled.words())));
        }
        return found;
    }

    private static Finding of(Spoiled spoiled) {
        Optional<Mend> mend = spoiled.mending().get();
        return new Finding(
                spoiled.kind(),
                spoiled.field(),
                spoiled.words(),
                mend.map(Mend::action).orElse(""),
                mend.map(Mend::set));
    }
}
