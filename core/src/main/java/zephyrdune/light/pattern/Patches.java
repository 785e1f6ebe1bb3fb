package zephyrdune.light.pattern;

import java.util.HashMap;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.card.Holes;

/**
 * The pattern of light that a cut card throws, measured along a {@link CutLine} over three of its repeats about the hero.
 *
 * @param brightest light of the brightest patch over the open light there, 0 to 1
 * @param contrast (max - min) / (max + min) of the share of the open light, as far as the frame goes: fall-off is not a pattern
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

    /**
     * Of the holes in the line's card.
     *
     * @param seen how far the frame goes to each side, metres
     */
    public static Patches of(CutLine line, KeyLight key, Holes holes, double seen) {
        double widening = (line.lightToCard() + line.cardToHero()) / line.lightToCard();
        double blur = line.faceSize() * line.cardToHero() / line.lightToCard();
        double reach = REPEATS * holes.pitch() * widening;
        double finest = Math.max(blur, holes.opening() * widening);
        // where the frame shows all that is looked along, both are of the same places
        Map<Double, Double> known = new HashMap<>();
        DoubleUnaryOperator light = at -> known.computeIfAbsent(at, where -> line.light(key, where));
        Profile profile = new Profile(light, reach, steps(reach, finest));
        double across = Math.min(reach, seen);
        Profile shares = new Profile(at -> line.share(key, at, light.applyAsDouble(at)), across, steps(across, finest));
        double peak = profile.peak();
        double open = key.openAt(line.at(peak), Vector3D.Unit.PLUS_Z);
        return new Patches(
                open == 0 ? 0 : light.applyAsDouble(peak) / open,
                contrast(shares.most(), shares.least()),
                peak,
                profile.crossing(-1, 0.5),
                profile.crossing(1, 0.5),
                (width(profile, -1) + width(profile, 1)) / 2);
    }

    private static int steps(double reach, double finest) {
        return (int) Math.max(FEWEST, Math.min(MOST, reach / finest * FINEST));
    }

    private static double contrast(double most, double least) {
        return most == 0 ? 0 : (most - least) / (most + least);
    }

    /** From a tenth to nine tenths on one side. */
    private static double width(Profile profile, int side) {
        return Math.abs(profile.crossing(side, 0.1) - profile.crossing(side, 0.9));
    }

    public double size() {
        return to - from;
    }
}
