package zephyrdune.answers.move;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Unit;

/**
 * A reading before and after something was done to a set.
 *
 * @param before in the unit of the kind; absent when there was nothing to read
 * @param after likewise
 */
public record Change(ReadingKind kind, OptionalDouble before, OptionalDouble after) {

    /** Less than this share of a value, and than a twentieth of a stop, is no change. */
    private static final double NOTICED = 0.03;

    static List<Change> between(TableSet before, TableSet after, ReadingKind... kinds) {
        List<Change> changes = new ArrayList<>();
        List<Reading> was = Readings.of(before, kinds);
        List<Reading> is = Readings.of(after, kinds);
        for (int i = 0; i < kinds.length; i++) {
            changes.add(new Change(kinds[i], was.get(i).value(), is.get(i).value()));
        }
        return changes;
    }

    /** Whether one would notice it. */
    boolean noticed() {
        if (before.isEmpty() || after.isEmpty()) {
            return before.isPresent() != after.isPresent();
        }
        double off = Math.abs(after.getAsDouble() - before.getAsDouble());
        return off > NOTICED * Math.max(1, Math.abs(before.getAsDouble()))
                || kind.unit() == Unit.METRE && off > NOTICED * Math.abs(before.getAsDouble());
    }
}
