package zephyrdune.metering;

import java.util.function.IntFunction;

/** The mean of traced rounds, of as many as it takes until all light together is known well enough. */
final class Settled {

    private static final int LEAST = 12;

    /** A standard error that is well enough, stops. */
    private static final double SURE = 0.02;

    private final LayerExposure exposure;
    private final double[] light;
    private int count;
    private double sum;
    private double squares;

    /**
     * @param most rounds at most
     * @param rounds what each finds, layer by layer, for lights and a room of luminance 1
     */
    Settled(LayerExposure exposure, int most, IntFunction<double[]> rounds) {
        this.exposure = exposure;
        light = new double[3 * exposure.layers()];
        while (count < LEAST || count < most && error() > SURE) {
            add(rounds.apply(count));
        }
    }

    private void add(double[] round) {
        count++;
        for (int i = 0; i < light.length; i++) {
            light[i] += (round[i] - light[i]) / count;
        }
        double all = exposure.of(round);
        sum += all;
        squares += all * all;
    }

    LayerExposure exposure() {
        return exposure;
    }

    int rounds() {
        return count;
    }

    /** Every layer, red, green and blue in turn. */
    double[] light() {
        return light;
    }

    /** Standard error of all light together, the key at full power, stops. */
    double error() {
        double mean = sum / count;
        double variance = Math.max(0, squares / count - mean * mean) / (count - 1);
        return mean == 0 ? 0 : Math.sqrt(variance) / mean / Math.log(2);
    }
}
