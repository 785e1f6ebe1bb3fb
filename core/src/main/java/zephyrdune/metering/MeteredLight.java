package zephyrdune.metering;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.table.TableSet;
import zephyrdune.trace.Incidence;
import zephyrdune.trace.Layers;
import zephyrdune.trace.Stage;

/**
 * What an incident meter on the hero's lit top catches at full power, way by way, in lx s: all light from above, as the picture has it there.
 * Found by traced rounds, and the same for the same set.
 *
 * @param key straight from the key
 * @param table by way of table, dishes and backdrop
 * @param room by way of the room's walls
 * @param cards by way of the cards
 * @param base from the base light
 * @param ambient the room's own light
 */
public record MeteredLight(double key, double table, double room, double cards, double base, double ambient) {

    private static final int ROUNDS = 3;

    public static MeteredLight of(TableSet set, KeyLight key) {
        Incidence incidence = new Incidence(set, Stage.of(set), key.brightest(), Vector3D.Unit.PLUS_Z);
        for (int round = 0; round < ROUNDS; round++) {
            incidence.more();
        }
        double[] light = incidence.light();
        LayerExposure exposure = LayerExposure.of(set, key);
        double cards = 0;
        for (int layer = Layers.FIRST_CARD; layer < exposure.layers(); layer++) {
            cards += exposure.of(light, layer);
        }
        return new MeteredLight(
                exposure.of(light, Layers.KEY),
                exposure.of(light, Layers.TABLE),
                exposure.of(light, Layers.ROOM),
                cards,
                exposure.of(light, Layers.BASE),
                exposure.of(light, Layers.AMBIENT));
    }

    /** All that gets dimmer as the light is turned down. */
    public double dimmed() {
        return key + table + room + cards + base;
    }
}
