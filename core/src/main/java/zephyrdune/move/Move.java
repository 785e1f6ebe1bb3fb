package zephyrdune.move;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import zephyrdune.measure.Refused;
import zephyrdune.metering.MeteredExposure;
import zephyrdune.readings.Reading;
import zephyrdune.readings.ReadingKind;
import zephyrdune.readings.Readings;
import zephyrdune.table.TableSet;

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

    /** Each look away from the present place is this much farther out or nearer in, as a ratio; sampled readings take long, and change slowly. */
    private static final double STEP = 1.06;

    private static final double SAMPLED_STEP = 1.3;

    /** A value that is further from the wanted one than this share of the step it was found in is beside a jump. */
    private static final double JUMP = 0.05;

    /** To a twentieth of a millimetre; by a sampled reading to a millimetre. */
    private static final double TOLERANCE = 5e-5;

    private static final double SAMPLED_TOLERANCE = 1e-3;

    /** Nothing when no place of the lever gives the wanted value. */
    public static Optional<Move> find(TableSet set, ReadingKind kind, double wanted, Lever lever) {
        double step = kind.sampled() ? SAMPLED_STEP : STEP;
        UnivariateFunction excess = at -> excess(set, kind, wanted, lever, at);
        double now = lever.now(set);
        if (Double.isNaN(now)) {
            return Optional.empty();
        }
        double in = now;
        double out = now;
        double inExcess = excess.value(now);
        double outExcess = inExcess;
        if (inExcess == 0) {
            return Optional.of(there(set, kind, lever, now));
        }
        while (in > lever.least() || out < lever.most()) {
            double farther = Math.min(lever.most(), out * step);
            double beyond = farther > out ? excess.value(farther) : outExcess;
            if (farther > out && outExcess * beyond <= 0) {
                OptionalDouble root = root(excess, out, farther, kind.sampled());
                if (root.isPresent()) {
                    return Optional.of(there(set, kind, lever, root.getAsDouble()));
                }
            }
            double nearer = Math.max(lever.least(), in / step);
            double within = nearer < in ? excess.value(nearer) : inExcess;
            if (nearer < in && inExcess * within <= 0) {
                OptionalDouble root = root(excess, nearer, in, kind.sampled());
                if (root.isPresent()) {
                    return Optional.of(there(set, kind, lever, root.getAsDouble()));
                }
            }
            out = farther;
            outExcess = beyond;
            in = nearer;
            inExcess = within;
        }
        return Optional.empty();
    }

    /**
     * Nothing where the reading only jumps over the wanted value, or is not there all the way between.
     *
     * @param sampled whether the reading is off a little because it is sampled
     */
    private static OptionalDouble root(UnivariateFunction excess, double from, double to, boolean sampled) {
        try {
            double at = new BrentSolver(sampled ? SAMPLED_TOLERANCE : TOLERANCE).solve(200, excess, from, to);
            double jump = Math.abs(excess.value(from)) + Math.abs(excess.value(to));
            double near = Math.max(sampled ? Reading.SURE : 0, JUMP * jump);
            return Math.abs(excess.value(at)) <= near ? OptionalDouble.of(at) : OptionalDouble.empty();
        } catch (MathRuntimeException notAllTheWay) {
            return OptionalDouble.empty();
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
