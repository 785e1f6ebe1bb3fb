package zephyrdune.answers.next;

import java.util.Optional;
import java.util.function.Supplier;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/**
 * A set after one change.
 *
 * @param action what is changed and how far, in a few words
 */
record Trial(NextMove.Kind kind, String action, TableSet set) {

    /** Nothing where the set could not stand. */
    static Optional<Trial> of(NextMove.Kind kind, String action, Supplier<TableSet> changed) {
        try {
            return Optional.of(new Trial(kind, action, changed.get()));
        } catch (Refused impossible) {
            return Optional.empty();
        }
    }
}
