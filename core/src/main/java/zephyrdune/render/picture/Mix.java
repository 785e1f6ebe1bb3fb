package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.Set;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.LayerExposure;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/** By how much each layer of a picture counts, in pixel values per unit of luminance: power, exposure and white balance. */
public final class Mix {

    private final double[] weights;

    private Mix(int layers) {
        weights = new double[3 * layers];
    }

    /**
     * The mix that the camera would record.
     *
     * @param off layers that are left out
     */
    public static Mix of(TableSet set, Set<Integer> off) {
        return of(set, off, KeyLight.of(set));
    }

    /** The same, for whoever has the set's key at hand. */
    public static Mix of(TableSet set, Set<Integer> off, KeyLight key) {
        return of(set, off, key, MeteredExposure.below(set, key));
    }

    /** The same at a power, stops below full. */
    public static Mix of(TableSet set, Set<Integer> off, KeyLight key, double below) {
        LayerExposure exposure = LayerExposure.of(set, key);
        double power = Stops.ratio(-below);
        double correct = set.exposure().correct();
        Mix mix = new Mix(exposure.layers());
        for (int layer = 0; layer < exposure.layers(); layer++) {
            if (off.contains(layer)) {
                continue;
            }
            double at = LayerExposure.dimmed(layer) ? power : 1;
            for (int channel = 0; channel < 3; channel++) {
                mix.weights[3 * layer + channel] = CorrectExposure.pixel(at * exposure.weight(layer, channel), correct);
            }
        }
        return mix;
    }

    /** Every layer by itself as it was traced, for lights and a room of luminance 1. */
    public static Mix plain(int layers) {
        Mix mix = new Mix(layers);
        Arrays.fill(mix.weights, 1);
        return mix;
    }

    /** Layers of light on a matte element, red, green and blue in turn, as one pixel value: how bright white is there. */
    public double light(double[] layers) {
        double[] sums = new double[3];
        for (int i = 0; i < layers.length; i++) {
            sums[i % 3] += weights[i] * layers[i];
        }
        return Math.max(0, Luminance.of(sums[0], sums[1], sums[2]));
    }

    /** The same of one layer. */
    public double light(double[] layers, int layer) {
        int at = 3 * layer;
        return Luminance.of(
                weights[at] * layers[at], weights[at + 1] * layers[at + 1], weights[at + 2] * layers[at + 2]);
    }

    /** The same mix with one layer alone. */
    public Mix only(int layer) {
        Mix mix = new Mix(weights.length / 3);
        System.arraycopy(weights, 3 * layer, mix.weights, 3 * layer, 3);
        return mix;
    }

    /** The same mix without one layer. */
    public Mix without(int layer) {
        Mix mix = new Mix(weights.length / 3);
        System.arraycopy(weights, 0, mix.weights, 0, weights.length);
        Arrays.fill(mix.weights, 3 * layer, 3 * layer + 3, 0);
        return mix;
    }

    /** This mix, with one layer as it is in another. */
    Mix and(Mix other, int layer) {
        Mix mix = without(layer);
        System.arraycopy(other.weights, 3 * layer, mix.weights, 3 * layer, 3);
        return mix;
    }

    /** Pixel value per unit of luminance of one layer, for red, green or blue (0 to 2). */
    public double weight(int layer, int channel) {
        return weights[3 * layer + channel];
    }

    /** The same of white light. */
    public double weight(int layer) {
        return Luminance.of(weight(layer, 0), weight(layer, 1), weight(layer, 2));
    }

    public boolean shows(int layer) {
        return weights[3 * layer] != 0 || weights[3 * layer + 1] != 0 || weights[3 * layer + 2] != 0;
    }
}
