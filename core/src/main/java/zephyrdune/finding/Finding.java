package zephyrdune.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import zephyrdune.table.TableSet;

/**
 * Something in the set that spoils the picture, and one thing that mends it.
 *
 * @param field path of the component it is about
 * @param words what it is, with its figures, as a sentence
 * @param action what can be tried, in a few words; empty where there is nothing to try
 * @param tried the set after it
 */
public record Finding(Kind kind, String field, String words, String action, Optional<TableSet> tried) {

    /** What it is about; those that spoil most come first. */
    public enum Kind {
        LIGHT_IN_FRAME,
        CARD_IN_FRAME,
        CARD_THROUGH,
        FLARE,
        CAMERA_IN_THE_WAY,
        PROP_SHADES_HERO,
        FLAG_EDGE_IN_FRAME,
        PATTERN_WIPED_OUT,
        HOT_SPOT,
        FILL_FLATTENS
    }

    private static final List<Function<TableSet, Stream<Finding>>> LOOKS = List.of(
            InFrame::light,
            InFrame::cards,
            Crossing::cards,
            Flare::ofKey,
            CameraShade::onHero,
            OnTable::propShades,
            OnTable::flagEdges,
            OnTable::patternWipedOut,
            OnTable::hotSpot,
            OnTable::fillFlattens);

    /** Everything found, what spoils most first. */
    public static List<Finding> of(TableSet set) {
        List<Finding> found = new ArrayList<>();
        LOOKS.forEach(look -> look.apply(set).forEach(found::add));
        return found;
    }

    static Finding of(Kind kind, String field, String words, String action, Optional<TableSet> tried) {
        return new Finding(kind, field, words, tried.isPresent() ? action : "", tried);
    }
}
