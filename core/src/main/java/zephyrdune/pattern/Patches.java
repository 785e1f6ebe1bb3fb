package zephyrdune.pattern;

import java.util.function.DoubleUnaryOperator;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Cancellation;
import zephyrdune.table.Holes;

/**
 * The pattern of light that a cut card throws, measured along a {@link CutLine} over three of its repeats about the hero.
 *
 * @param brightest light of the brightest patch over the open light there, 0 to 1
 * @param contrast (max - min) / (max + min)
 * @param peak the middle of the brightest patch nearest to the line's middle, metres from there
 * @param from where it has come half way from the darkest to the brightest, metres from the line's middle
 * @param to where it goes below that
 * @param blur from a tenth to nine tenths of that way, the mean of the two sides, metres
 */
public record Patches(double brightest, double contrast, double peak, double from, double to, double blur) {

    private static final double REPEATS = 1.5;

    /** Steps to what similar triangles say is the finest in the pattern; and how many there are at least and at most. */
    private static final double FINEST = 6;

    private static final int FEWEST = 36;
    private static final int MOST = 1500;

    /** Two patches within this share of each other are equally bright. */
    private static final double ALIKE = 0.02;

    /** Edges are found to this share of a step, and the brightest and the darkest place to that. */
    private static final double EXACT = 1e-3;

    private static final double NEAR = 0.05;

    /** Of the holes in the line's card. */
    public static Patches of(CutLine line, KeyLight key, Holes holes) {
        double widening = (line.lightToCard() + line.cardToHero()) / line.lightToCard();
        double blur = line.faceSize() * line.cardToHero() / line.lightToCard();
        double reach = REPEATS * holes.pitch() * widening;
        double finest = Math.max(blur, holes.opening() * widening);
        int half = (int) Math.max(FEWEST, Math.min(MOST, reach / finest * FINEST));
        return new Profile(at -> line.light(key, at), reach, half)
                .patches(place -> key.openAt(line.at(place), Vector3D.Unit.PLUS_Z));
    }

    public double size() {
        return to - from;
    }

    /** Light along the line, in steps out to both ends. */
    private static final class Profile {

        private final DoubleUnaryOperator light;
        private final double step;
        private final double[] seen;
        private final double most;
        private final double least;
        private final double peak;

        Profile(DoubleUnaryOperator light, double reach, int half) {
            this.light = light;
            step = reach / half;
            seen = new double[2 * half + 1];
            int darkest = 0;
            int brightest = 0;
            for (int i = 0; i < seen.length; i++) {
                Cancellation.check();
                seen[i] = light.applyAsDouble(at(i));
                brightest = seen[i] > seen[brightest] ? i : brightest;
                darkest = seen[i] < seen[darkest] ? i : darkest;
            }
            least = light.applyAsDouble(extreme(darkest, -1));
            most = light.applyAsDouble(extreme(brightest, 1));
            peak = extreme(nearest(seen[brightest] - ALIKE * (seen[brightest] - seen[darkest])), 1);
        }

        /** The brightest place, or the darkest, within a step of one. */
        private double extreme(int i, int sign) {
            double low = at(i) - step;
            double high = at(i) + step;
            while (high - low > NEAR * step) {
                double third = (high - low) / 3;
                if (sign * light.applyAsDouble(low + third) < sign * light.applyAsDouble(high - third)) {
                    low += third;
                } else {
                    high -= third;
                }
            }
            double found = (low + high) / 2;
            return sign * light.applyAsDouble(found) > sign * seen[i] ? found : at(i);
        }

        private double at(int i) {
            return (i - seen.length / 2) * step;
        }

        /** The place nearest to the middle with at least so much light. */
        private int nearest(double enough) {
            int middle = seen.length / 2;
            for (int out = 0; out <= middle; out++) {
                if (seen[middle + out] >= enough) {
                    return middle + out;
                }
                if (seen[middle - out] >= enough) {
                    return middle - out;
                }
            }
            return middle;
        }

        Patches patches(DoubleUnaryOperator open) {
            double without = open.applyAsDouble(peak);
            double blur =
                    (Math.abs(crossing(-1, 0.1) - crossing(-1, 0.9)) + Math.abs(crossing(1, 0.1) - crossing(1, 0.9)))
                            / 2;
            return new Patches(
                    without == 0 ? 0 : light.applyAsDouble(peak) / without,
                    most == 0 ? 0 : (most - least) / (most + least),
                    peak,
                    crossing(-1, 0.5),
                    crossing(1, 0.5),
                    blur);
        }

        /** Where the light has fallen to a share of the way from the darkest to the brightest, on one side of the peak. */
        private double crossing(int side, double share) {
            double level = least + share * (most - least);
            double in = peak;
            double end = side * (seen.length / 2) * step;
            while (side * (end - in) > 0) {
                double out = in + side * step;
                if (light.applyAsDouble(out) < level) {
                    return between(in, out, level);
                }
                in = out;
            }
            return end;
        }

        private double between(double bright, double dark, double level) {
            double in = bright;
            double out = dark;
            while (Math.abs(out - in) > EXACT * step) {
                double middle = (in + out) / 2;
                if (light.applyAsDouble(middle) < level) {
                    out = middle;
                } else {
                    in = middle;
                }
            }
            return (in + out) / 2;
        }
    }
}
