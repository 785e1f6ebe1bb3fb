package zephyrdune.light.pattern;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.units.geometry.Bisection;

/**
 * The strip of light that flags, a slit or doors leave about the hero, measured along a {@link CutLine} in metres from the hero's middle.
 * A side on which the light goes on is infinitely far away.
 *
 * @param most largest share of the open light in the strip, 0 to 1
 * @param full where there is at least 99 % of the open light, if there is such a place
 * @param half where there is half of the strip's largest share
 * @param edge from a tenth to nine tenths of the largest share, the mean of the edges there are; infinite where there is none
 */
public record LightStrip(double most, Optional<Stretch> full, Stretch half, double edge) {

    /** A part of the line; without an end where it is infinite. */
    public record Stretch(double from, double to) {

        public double width() {
            return to - from;
        }
    }

    private static final double STEP = 0.01;
    private static final double FINE = 1e-5;

    public static LightStrip of(CutLine line, KeyLight key) {
        return of(at -> line.share(key, at));
    }

    /** Whether there is full light out to a distance on both sides of the hero's middle: sooner known than how far it goes. */
    public static boolean isFull(CutLine line, KeyLight key, double out) {
        return isFull(at -> line.share(key, at), out);
    }

    static boolean isFull(DoubleUnaryOperator share, double out) {
        int steps = (int) Math.ceil(out / STEP);
        // from the ends inwards, as it is there that light fails first
        return IntStream.rangeClosed(0, steps)
                .mapToDouble(i -> out * (steps - i) / steps)
                .allMatch(at -> share.applyAsDouble(at) >= CutLine.FULL && share.applyAsDouble(-at) >= CutLine.FULL);
    }

    /** Of a share of the open light along a line. */
    static LightStrip of(DoubleUnaryOperator share) {
        double peak = peak(share);
        double most = share.applyAsDouble(peak);
        return new LightStrip(
                most,
                most >= CutLine.FULL ? Optional.of(lit(share, peak, CutLine.FULL)) : Optional.empty(),
                lit(share, peak, most / 2),
                edges(share, peak, most));
    }

    /** The brightest place, the one nearest to the hero where there are many. */
    private static double peak(DoubleUnaryOperator share) {
        double peak = 0;
        double most = share.applyAsDouble(0);
        for (double out = STEP; out <= CutLine.REACH && most < CutLine.FULL; out += STEP) {
            for (int side = -1; side <= 1; side += 2) {
                double there = share.applyAsDouble(side * out);
                if (there > most + 1e-6) {
                    most = there;
                    peak = side * out;
                }
            }
        }
        return peak;
    }

    private static Stretch lit(DoubleUnaryOperator share, double peak, double level) {
        return new Stretch(end(share, peak, -1, level), end(share, peak, 1, level));
    }

    /** Where the share falls below a level on one side of the peak; infinite where it does not. */
    private static double end(DoubleUnaryOperator share, double peak, int side, double level) {
        double in = peak;
        double out = peak + side * STEP;
        while (share.applyAsDouble(out) >= level) {
            in = out;
            out += side * STEP;
            if (Math.abs(out - peak) > 2 * CutLine.REACH) {
                return side * Double.POSITIVE_INFINITY;
            }
        }
        return Bisection.of(in, out, FINE, at -> share.applyAsDouble(at) >= level)
                .middle();
    }

    private static double edges(DoubleUnaryOperator share, double peak, double most) {
        double sum = 0;
        int count = 0;
        for (int side = -1; side <= 1; side += 2) {
            double dim = end(share, peak, side, most / 10);
            double bright = end(share, peak, side, 0.9 * most);
            if (Double.isFinite(dim)) {
                sum += Math.abs(dim - bright);
                count++;
            }
        }
        return count == 0 ? Double.POSITIVE_INFINITY : sum / count;
    }
}
