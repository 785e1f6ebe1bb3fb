package zephyrdune.finding;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import zephyrdune.measure.Refused;
import zephyrdune.table.TableSet;

/** Looks for the least change that mends something. */
final class Trying {

    private Trying() {}

    /** A changed set, and how much it was changed. */
    record Found(double by, TableSet set) {}

    /**
     * The first of evenly spaced changes that mends.
     *
     * @param change the set changed by so much; may be refused
     */
    static Optional<Found> first(double step, double most, DoubleFunction<TableSet> change, Predicate<TableSet> mends) {
        for (int i = 1; i * step <= most + 1e-9; i++) {
            try {
                TableSet changed = change.apply(i * step);
                if (mends.test(changed)) {
                    return Optional.of(new Found(i * step, changed));
                }
            } catch (Refused impossible) {
                // this far it cannot go; perhaps further
            }
        }
        return Optional.empty();
    }

    static String centimetres(double metres) {
        return "%.0f cm".formatted(100 * metres);
    }
}
