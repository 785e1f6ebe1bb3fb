package zephyrdune.picture;

import java.util.Arrays;
import java.util.Set;
import zephyrdune.colour.WhiteBalance;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.KeyColour;
import zephyrdune.exposure.CorrectExposure;
import zephyrdune.illuminance.Illuminance;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.BroadBase;
import zephyrdune.table.Light;
import zephyrdune.table.TableSet;
import zephyrdune.trace.Layers;

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
        HeroExposure hero = HeroExposure.of(set, key);
        Light light = set.light();
        double open = set.exposure().exactShutter();
        double shutter = light.source().flash() ? 1 : open;
        // pixel value per unit of luminance of the key at its power
        double keyWeight =
                CorrectExposure.pixel(key.face().luminance() * Stops.ratio(-hero.below()) * shutter, hero.correct());
        double roomWeight = CorrectExposure.pixel(set.ambient().now() * open / Math.PI, hero.correct());
        WhiteBalance balance = new WhiteBalance(set.exposure().whiteBalance());
        double[] keyColour = KeyColour.of(set).srgb(balance);
        double[] roomColour = balance.srgb(set.ambient().colourTemperature());
        int layers = Layers.count(set.cards().size());
        Mix mix = new Mix(layers);
        for (int layer = 0; layer < layers; layer++) {
            if (off.contains(layer)) {
                continue;
            }
            double weight = keyWeight;
            double[] colour = keyColour;
            if (layer == Layers.AMBIENT) {
                weight = roomWeight;
                colour = roomColour;
            } else if (layer == Layers.BASE) {
                weight = set.base() instanceof BroadBase base ? base(set, base, key, keyWeight) : 0;
            }
            for (int channel = 0; channel < 3; channel++) {
                mix.weights[3 * layer + channel] = weight * colour[channel];
            }
        }
        return mix;
    }

    /** Weight of the base light's face of luminance 1: so bright that it lies as far under the key on the hero as set. */
    private static double base(TableSet set, BroadBase base, KeyLight key, double keyWeight) {
        EmittingFace face = EmittingFace.of(base.as(set.light())).withLuminance(1);
        double perLuminance = Illuminance.uniform(face)
                .level(key.hero().getX(), key.hero().getY(), key.hero().getZ());
        double wanted = key.heroIlluminance() * Stops.ratio(-base.under());
        return perLuminance == 0
                ? 0
                : wanted / perLuminance * keyWeight / key.face().luminance();
    }

    /** Every layer by itself as it was traced, for lights and a room of luminance 1. */
    public static Mix plain(int layers) {
        Mix mix = new Mix(layers);
        Arrays.fill(mix.weights, 1);
        return mix;
    }

    /** Layers of light on a matte element, red, green and blue in turn, as one pixel value of green. */
    public double light(double[] layers) {
        double sum = 0;
        for (int layer = 0; layer < layers.length / 3; layer++) {
            sum += weight(layer, 1) * layers[3 * layer + 1];
        }
        return Math.max(0, sum);
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

    public boolean shows(int layer) {
        return weights[3 * layer] != 0 || weights[3 * layer + 1] != 0 || weights[3 * layer + 2] != 0;
    }
}
