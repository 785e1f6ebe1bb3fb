package zephyrdune.answers.move;

import java.util.List;
import java.util.stream.Stream;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.render.picture.BackdropTone;

/**
 * A value that is often wanted of a reading. Common practice, no published source.
 *
 * @param words what one calls it
 * @param value in the unit of the reading
 */
public record Target(String words, double value) {

    /** The usual targets of a reading; none for most. */
    public static List<Target> of(ReadingKind kind) {
        return switch (kind) {
            case SIZE_ACROSS, SIZE_ALONG ->
                List.of(new Target("as big as far", 1), new Target("half as big as far", 0.5));
            case FALL_OFF_HERO, FALL_OFF_FRAME ->
                List.of(new Target("a third of a stop", -1.0 / 3), new Target("one stop", -1));
            case BACKDROP_TONE ->
                Stream.of(BackdropTone.Name.MID_GREY, BackdropTone.Name.DARK_GREY, BackdropTone.Name.BLACK)
                        .map(name -> new Target(name.words(), name.stops()))
                        .toList();
            case LIT_TO_SHADOW -> List.of(new Target("four to one", 2), new Target("eight to one", 3));
            case PATTERN_CONTRAST -> List.of(new Target("plain to see", 0.5));
            case EDGE_TO_RIM -> List.of(new Target("soft", 1), new Target("hard", 0.3));
            default -> List.of();
        };
    }
}
