package zephyrdune.set.power;

import java.util.List;
import java.util.Optional;

/** A light's own power control. Powers are counted in stops below full: 0 is full, 3 an eighth of the light. */
public sealed interface PowerDial permits Fractions, StopScale, Percent {

    /** How far below full the dial goes, stops. */
    double range();

    /** The mark at, or next to, so many stops below full that are within {@link #range()}. */
    DialMark mark(double stopsBelowFull);

    /** Every mark, from full downwards. */
    List<DialMark> marks();

    /** The mark that is written so, whatever its spaces; nothing for what the dial does not say. */
    default Optional<DialMark> read(String text) {
        String bare = text.replaceAll("\\s", "");
        return marks().stream()
                .filter(mark -> mark.text().replaceAll("\\s", "").equals(bare))
                .findFirst();
    }

    /** The mark nearest to so many stops below full; beyond either end, the mark at that end. */
    default DialMark nearest(double stopsBelowFull) {
        return mark(Math.max(0, Math.min(range(), stopsBelowFull)));
    }
}
