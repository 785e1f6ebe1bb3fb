package zephyrdune.render.metering;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.KeyColour;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.trace.Layers;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.BroadBase;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.colour.WhiteBalance;
import zephyrdune.units.measure.Stops;

/**
 * What each layer of traced light counts for in an exposure, per unit of the luminance it was traced for, in white-balanced red, green and
 * blue: lx s for illuminances, the key and the base at full power.
 */
public final class LayerExposure {

    private final double[] weights;

    private LayerExposure(int layers) {
        weights = new double[3 * layers];
    }

    public static LayerExposure of(TableSet set, KeyLight key) {
        double open = set.exposure().exactShutter();
        double keyTime = set.light().source().flash() ? 1 : open;
        double keyWeight = key.face().luminance() * keyTime;
        WhiteBalance balance = new WhiteBalance(set.exposure().whiteBalance());
        double[] keyColour = KeyColour.of(set).srgb(balance);
        LayerExposure exposure = new LayerExposure(Layers.count(set.cards().size()));
        for (int layer = 0; layer < exposure.layers(); layer++) {
            exposure.weigh(layer, keyWeight, keyColour);
        }
        exposure.weigh(
                Layers.AMBIENT,
                set.ambient().now() * open / Math.PI,
                balance.srgb(set.ambient().colourTemperature()));
        exposure.weigh(
                Layers.BASE, set.base() instanceof BroadBase base ? base(set, base, key) * keyTime : 0, keyColour);
        return exposure;
    }

    private void weigh(int layer, double weight, double[] colour) {
        for (int channel = 0; channel < 3; channel++) {
            weights[3 * layer + channel] = weight * colour[channel];
        }
    }

    /** Luminance of the base light's face: so bright that, straight, it lies as far under the key on the hero as set. */
    private static double base(TableSet set, BroadBase base, KeyLight key) {
        EmittingFace face = EmittingFace.of(base.as(set.light())).withLuminance(1);
        Illuminance even = Illuminance.uniform(face);
        double perLuminance = even.at(key.brightest(), Vector3D.Unit.PLUS_Z);
        return perLuminance == 0 ? 0 : key.heroIlluminance() * Stops.ratio(-base.under()) / perLuminance;
    }

    /** Whether a layer gets dimmer as the light is turned down. */
    public static boolean dimmed(int layer) {
        return layer != Layers.AMBIENT;
    }

    public int layers() {
        return weights.length / 3;
    }

    /** Of one layer, for red, green or blue (0 to 2). */
    public double weight(int layer, int channel) {
        return weights[3 * layer + channel];
    }

    /** The exposure by all layers of light together, the key at full power, lx s. */
    double of(double[] light) {
        double sum = 0;
        for (int layer = 0; layer < layers(); layer++) {
            sum += of(light, layer);
        }
        return sum;
    }

    /** The exposure by one layer of light, lx s. */
    double of(double[] light, int layer) {
        int at = 3 * layer;
        return Luminance.of(weights[at] * light[at], weights[at + 1] * light[at + 1], weights[at + 2] * light[at + 2]);
    }
}
