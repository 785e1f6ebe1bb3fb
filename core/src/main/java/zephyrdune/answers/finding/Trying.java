package zephyrdune.answers.finding;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import java.util.stream.Stream;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.ClockWords;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Rounding;

/** Looks for the least change that mends something. */
final class Trying {

    /** Each try goes this much further than the one before. */
    private static final double FURTHER = 1.35;

    private Trying() {}

    /** A changed set, and how much it was changed. */
    record Found(double by, TableSet set) {}

    /**
     * A change that mends, in whole steps. Tries go further and further; between the last that did not mend and the first that does
     * the least is found by halving.
     *
     * @param change the set changed by so much; may be refused
     */
    static Optional<Found> first(double step, double most, DoubleFunction<TableSet> change, Predicate<TableSet> mends) {
        int last = Rounding.down(most / step);
        int before = 0;
        for (int at = 1; at <= last; at = next(at, last)) {
            Optional<Found> found = at(at * step, change, mends);
            if (found.isPresent()) {
                return Optional.of(nearest(step, before, at, found.get(), change, mends));
            }
            before = at;
        }
        return Optional.empty();
    }

    private static int next(int at, int last) {
        return at == last ? last + 1 : Math.min(last, Math.max(at + 1, (int) Math.round(at * FURTHER)));
    }

    private static Found nearest(
            double step, int not, int does, Found found, DoubleFunction<TableSet> change, Predicate<TableSet> mends) {
        int low = not;
        int high = does;
        Found nearest = found;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            Optional<Found> there = at(middle * step, change, mends);
            if (there.isPresent()) {
                high = middle;
                nearest = there.get();
            } else {
                low = middle;
            }
        }
        return nearest;
    }

    private static Optional<Found> at(double by, DoubleFunction<TableSet> change, Predicate<TableSet> mends) {
        try {
            TableSet changed = change.apply(by);
            return mends.test(changed) ? Optional.of(new Found(by, changed)) : Optional.empty();
        } catch (Refused impossible) {
            // this far it cannot go; perhaps further
            return Optional.empty();
        }
    }

    /** The light moved round the hero, the shorter way that mends. */
    static Optional<Mend> round(TableSet set, double step, double most, Predicate<TableSet> mends) {
        return Stream.of(1, -1)
                .flatMap(way -> first(step, most, by -> turned(set, way * by), mends).stream())
                .min(Comparator.comparingDouble(Found::by))
                .map(found -> new Mend(
                        "Move the light round to "
                                + ClockWords.of(found.set().light().clock()),
                        found.set()));
    }

    /** The light moved round the hero, clockwise for positive angles. */
    private static TableSet turned(TableSet set, double by) {
        double clock = (set.light().clock() + by) % (2 * Math.PI);
        return set.withLight(set.light().withClock(clock < 0 ? clock + 2 * Math.PI : clock));
    }
}
