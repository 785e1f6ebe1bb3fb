package zephyrdune.shoot.change;

import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.answers.setsheet.Measure;

/**
 * One thing to do on the way from one set to the next.
 *
 * @param what it is done to, in the field's words; empty where its kind says it
 * @param moved how far its middle goes, metres; 0 for what stays where it is
 * @param lines what to measure of it when it is done, those alone that change
 */
public record ChangeStep(ChangeKind kind, String what, double moved, List<ChangedLine> lines) {

    /**
     * A measure that changes.
     *
     * @param from what it is now, in the measure's unit; empty for what stood nowhere
     * @param to what it is to be
     */
    public record ChangedLine(Measure measure, OptionalDouble from, double to) {}

    public ChangeStep {
        lines = List.copyOf(lines);
    }

    /** What to do, in a few words. */
    public String words() {
        return what.isEmpty() ? kind.title() : kind.title() + ": " + what;
    }
}
