package zephyrdune.render.metering;

import java.util.function.IntFunction;
import zephyrdune.units.sampling.StandardError;
import zephyrdune.units.sampling.Sureness;

/** The mean of traced rounds, of as many as it takes until all light together is known well enough. */
final class Settled {

    /** A standard error that is well enough, stops. */
    private static final double SURE = 0.02;

    private final LayerExposure exposure;
    private final double[] light;
    private final StandardError spread = new StandardError();

    /**
     * @param most rounds at most
     * @param rounds what each finds, layer by layer, for lights and a room of luminance 1
     */
    Settled(LayerExposure exposure, int most, IntFunction<double[]> rounds) {
        this(exposure, Sureness.AT_REST, most, rounds);
    }

    /**
     * @param sureness for a rough one no more rounds are looked at than in any case
     * @param most rounds at most
     * @param rounds what each finds, layer by layer, for lights and a room of luminance 1
     */
    Settled(LayerExposure exposure, Sureness sureness, int most, IntFunction<double[]> rounds) {
        this.exposure = exposure;
        light = new double[3 * exposure.layers()];
        int last = sureness == Sureness.ROUGH ? sureness.least() : most;
        while (rounds() < sureness.least() || rounds() < last && error() > SURE) {
            add(rounds.apply(rounds()));
        }
    }

    private void add(double[] round) {
        spread.add(exposure.of(round));
        for (int i = 0; i < light.length; i++) {
            light[i] += (round[i] - light[i]) / rounds();
        }
    }

    LayerExposure exposure() {
        return exposure;
    }

    int rounds() {
        return spread.count();
    }

    /** Every layer, red, green and blue in turn. */
    double[] light() {
        return light;
    }

    /** Standard error of all light together, the key at full power, stops. */
    double error() {
        return spread.error() / Math.log(2);
    }
}
