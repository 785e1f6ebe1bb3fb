package zephyrdune.answers.move;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/**
 * The nearest place of a lever at which a reading has a wanted value. Solved on the reading itself, so it is as exact
 * as the reading.
 *
 * @param set with the lever moved
 * @param lever what was moved
 * @param to where it is now, metres
 * @param reached value of the reading there
 * @param makeUp stops that the light's power has to go up to keep the hero's exposure
 */
public record Move(TableSet set, Lever lever, double to, double reached, double makeUp) {

    /** Each look away from the present place is this much farther out or nearer in, as a ratio; and up to where the lever cannot be. */
    private static final double STEP = 1.35;

    private static final double FINE_STEP = 1.06;

    /** A value that is further from the wanted one than this share of the step it was found in is beside a jump. */
    private static final double JUMP = 0.05;

    /** To a twentieth of a millimetre; by a sampled reading to a millimetre. */
    private static final double TOLERANCE = 5e-5;

    private static final double SAMPLED_TOLERANCE = 1e-3;

    /** Nothing when no place of the lever gives the wanted value. */
    public static Optional<Move> find(TableSet set, ReadingKind kind, double wanted, Lever lever) {
        Search search = new Search(at -> excess(set, kind, wanted, lever, at), kind.sampled());
        return lever.now(set).flatMap(now -> find(set, kind, lever, search, now));
    }

    private static Optional<Move> find(TableSet set, ReadingKind kind, Lever lever, Search search, double now) {
        double in = now;
        double out = now;
        double inExcess = search.excess.value(now);
        double outExcess = inExcess;
        if (inExcess == 0) {
            return Optional.of(there(set, kind, lever, now));
        }
        while (in > lever.least() || out < lever.most()) {
            double farther = Math.min(lever.most(), out * STEP);
            double beyond = farther > out ? search.excess.value(farther) : outExcess;
            OptionalDouble found = search.between(out, outExcess, farther, beyond);
            out = farther;
            outExcess = beyond;
            if (found.isEmpty()) {
                double nearer = Math.max(lever.least(), in / STEP);
                double within = nearer < in ? search.excess.value(nearer) : inExcess;
                found = search.between(in, inExcess, nearer, within);
                in = nearer;
                inExcess = within;
            }
            if (found.isPresent()) {
                return Optional.of(there(set, kind, lever, found.getAsDouble()));
            }
        }
        return Optional.empty();
    }

    /**
     * Looks for the place where a reading is as wanted.
     *
     * @param excess of the reading over what is wanted
     * @param sampled whether the reading is off a little because it is sampled
     */
    private record Search(UnivariateFunction excess, boolean sampled) {

        /** The place between two others; where one of them cannot be, it is looked for up to the last that can. */
        OptionalDouble between(double from, double fromExcess, double to, double toExcess) {
            if (from == to || Double.isNaN(fromExcess) && Double.isNaN(toExcess)) {
                return OptionalDouble.empty();
            }
            if (Double.isNaN(fromExcess)) {
                return between(to, toExcess, from, fromExcess);
            }
            if (!Double.isNaN(toExcess)) {
                return fromExcess * toExcess <= 0
                        ? root(Math.min(from, to), Math.max(from, to))
                        : OptionalDouble.empty();
            }
            double step = to > from ? FINE_STEP : 1 / FINE_STEP;
            double at = from;
            double here = fromExcess;
            while ((to - at * step) * (to - from) > 0) {
                double there = excess.value(at * step);
                if (here * there <= 0) {
                    return root(Math.min(at, at * step), Math.max(at, at * step));
                }
                if (Double.isNaN(there)) {
                    return OptionalDouble.empty();
                }
                at *= step;
                here = there;
            }
            return OptionalDouble.empty();
        }

        /** Nothing where the reading only jumps over the wanted value, or is not there all the way between. */
        private OptionalDouble root(double from, double to) {
            try {
                double at = new BrentSolver(sampled ? SAMPLED_TOLERANCE : TOLERANCE).solve(200, excess, from, to);
                double jump = Math.abs(excess.value(from)) + Math.abs(excess.value(to));
                // a sampled reading may lie two standard errors off
                double near = Math.max(sampled ? 2 * Reading.SURE : 0, JUMP * jump);
                return Math.abs(excess.value(at)) <= near ? OptionalDouble.of(at) : OptionalDouble.empty();
            } catch (MathRuntimeException notAllTheWay) {
                return OptionalDouble.empty();
            }
        }
    }

    private static Move there(TableSet set, ReadingKind kind, Lever lever, double at) {
        TableSet moved = lever.set(set, at);
        return new Move(
                moved,
                lever,
                at,
                Readings.of(moved, kind).value().orElse(Double.NaN),
                MeteredExposure.toMakeUp(set, moved));
    }

    /** Not a number where the lever cannot be, or there is no reading. */
    private static double excess(TableSet set, ReadingKind kind, double wanted, Lever lever, double at) {
        try {
            return Readings.of(lever.set(set, at), kind).value().orElse(Double.NaN) - wanted;
        } catch (Refused impossible) {
            return Double.NaN;
        }
    }
}
