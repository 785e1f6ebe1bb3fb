package zephyrdune.answers.readings;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * One number read off a set.
 *
 * @param value in the unit of its kind; absent when there is nothing to read
 * @param text the value as it is read off a scale or called by name, where there is such a thing; may be empty
 * @param word what photographers call such a value; may be empty
 * @param rule what the rule of thumb says, for comparison; nothing is computed from it
 * @param note why there is no value, or what to know about it; may be empty
 * @param alarm whether the picture does not come out as it is meant with it; the note says why
 * @param places where on the set it was probed, metres
 * @param uncertainty standard error of a value that was found by sampling, in its unit; absent where it is not worth saying
 */
public record Reading(
        ReadingKind kind,
        OptionalDouble value,
        String text,
        String word,
        Optional<Rule> rule,
        String note,
        boolean alarm,
        List<Vector3D> places,
        OptionalDouble uncertainty) {

    /** A smaller standard error goes without saying, stops. */
    public static final double SURE = 0.03;

    /**
     * A rule of thumb beside the exact value.
     *
     * @param words the rule
     * @param value in the unit of the reading
     */
    public record Rule(String words, double value) {}

    public Reading {
        places = List.copyOf(places);
    }

    static Reading of(ReadingKind kind, double value, Vector3D... places) {
        return new Reading(
                kind,
                OptionalDouble.of(value),
                "",
                "",
                Optional.empty(),
                "",
                false,
                List.of(places),
                OptionalDouble.empty());
    }

    static Reading absent(ReadingKind kind, String why) {
        return new Reading(
                kind, OptionalDouble.empty(), "", "", Optional.empty(), why, false, List.of(), OptionalDouble.empty());
    }

    Reading called(String newText) {
        return new Reading(kind, value, newText, word, rule, note, alarm, places, uncertainty);
    }

    Reading named(String newWord) {
        return value.isEmpty() ? this : new Reading(kind, value, text, newWord, rule, note, alarm, places, uncertainty);
    }

    /** With a note; one that has no value keeps the reason for that. */
    Reading noting(String newNote) {
        if (value.isEmpty()) {
            return this;
        }
        return new Reading(kind, value, text, word, rule, newNote, alarm, places, uncertainty);
    }

    Reading alarming(boolean newAlarm) {
        return new Reading(kind, value, text, word, rule, note, newAlarm, places, uncertainty);
    }

    Reading beside(String words, double ruleValue) {
        return Double.isFinite(ruleValue)
                ? new Reading(
                        kind,
                        value,
                        text,
                        word,
                        Optional.of(new Rule(words, ruleValue)),
                        note,
                        alarm,
                        places,
                        uncertainty)
                : this;
    }

    /** With its standard error, where that is worth saying. */
    Reading uncertain(double stops) {
        return value.isPresent() && stops > SURE
                ? new Reading(kind, value, text, word, rule, note, alarm, places, OptionalDouble.of(stops))
                : this;
    }
}
