package zephyrdune.pattern;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.illuminance.KeyLight;

/**
 * The pattern of light that a cut card throws, measured along a {@link CutLine} over three of its repeats about the hero.
 *
 * @param brightest light of the brightest patch over the open light there, 0 to 1
 * @param contrast (max - min) / (max + min)
 * @param peak the middle of the brightest patch nearest to the hero, metres from the hero's middle
 * @param from where it has come half way from the darkest to the brightest, metres from the hero's middle
 * @param to where it goes below that
 * @param blur from a tenth to nine tenths of that way, the mean of the two sides, metres
 */
public record Patches(double brightest, double contrast, double peak, double from, double to, double blur) {

    private static final int PLACES = 193;
    private static final double REPEATS = 1.5;

    /** Two patches within this share of each other are equally bright. */
    private static final double ALIKE = 0.02;

    /**
     * @param pitch of the pattern in the card, metres
     */
    public static Patches of(CutLine line, KeyLight key, double pitch) {
        double thrown = pitch * (line.lightToCard() + line.cardToHero()) / line.lightToCard();
        double reach = REPEATS * thrown;
        double step = 2 * reach / (PLACES - 1);
        double[] light = new double[PLACES];
        double most = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < PLACES; i++) {
            light[i] = line.light(key, -reach + i * step);
            most = Math.max(most, light[i]);
            least = Math.min(least, light[i]);
        }
        int peak = nearest(light, most - ALIKE * (most - least));
        double from = crossing(light, peak, -1, least + 0.5 * (most - least));
        double to = crossing(light, peak, 1, least + 0.5 * (most - least));
        double blur = (edge(light, peak, -1, least, most) + edge(light, peak, 1, least, most)) / 2;
        double place = -reach + peak * step;
        double open = key.openAt(line.at(place), Vector3D.Unit.PLUS_Z);
        return new Patches(
                open == 0 ? 0 : most / open,
                most == 0 ? 0 : (most - least) / (most + least),
                place,
                -reach + from * step,
                -reach + to * step,
                blur * step);
    }

    /** The place nearest to the middle with at least so much light. */
    private static int nearest(double[] light, double least) {
        int middle = light.length / 2;
        for (int out = 0; out <= middle; out++) {
            if (light[middle + out] >= least) {
                return middle + out;
            }
            if (light[middle - out] >= least) {
                return middle - out;
            }
        }
        return middle;
    }

    private static double edge(double[] light, int peak, int side, double least, double most) {
        double high = crossing(light, peak, side, least + 0.9 * (most - least));
        double low = crossing(light, peak, side, least + 0.1 * (most - least));
        return Math.abs(low - high);
    }

    /** Where the light falls below a level on one side of a place, in steps, between two of them by proportion. */
    private static double crossing(double[] light, int peak, int side, double level) {
        for (int i = peak; i + side >= 0 && i + side < light.length; i += side) {
            if (light[i + side] < level) {
                double share = (light[i] - level) / (light[i] - light[i + side]);
                return i + side * Math.max(0, Math.min(1, share));
            }
        }
        return side < 0 ? 0 : light.length - 1;
    }

    public double size() {
        return to - from;
    }
}
