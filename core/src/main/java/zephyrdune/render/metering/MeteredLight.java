package zephyrdune.render.metering;

import java.util.Arrays;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.trace.Incidence;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.sampling.Sureness;

/**
 * What the meter reads at full power, way by way, as incident exposure in lx s: all light that comes to it, as the picture has it there; for one
 * that reads a surface, the incident exposure that counts as much. Found by traced rounds, and the same for the same set.
 *
 * @param place where it reads, metres
 * @param sight what it sees there
 * @param key straight from the key
 * @param table by way of table, dishes, glass and backdrop
 * @param room by way of the room's walls
 * @param cards by way of the cards
 * @param base from the base light
 * @param ambient the room's own light
 * @param error standard error of all of it together, stops
 */
public record MeteredLight(
        Vector3D place,
        MeterSight sight,
        double key,
        double table,
        double room,
        double cards,
        double base,
        double ambient,
        double error) {

    /** What was metered last: while aperture, speed, bias or power are changed the light stays. */
    private static final Remembered<Asked, MeteredLight> METERED = new Remembered<>(96);

    /**
     * @param set at any settings
     * @param key by identity: the same set's is the same one
     */
    private record Asked(TableSet set, KeyLight key, boolean rough) {}

    /** Rounds at most. */
    private static final int MOST = 128;

    private static final int MOST_AMONG_CARDS = 64;

    /** Those of a spot meter are quicker, and less sure by themselves. */
    private static final int MOST_OF_SPOT = 128;

    public static MeteredLight of(TableSet set, KeyLight key) {
        return of(set, key, Sureness.AT_REST);
    }

    /** The same, no surer than asked for. */
    public static MeteredLight of(TableSet set, KeyLight key, Sureness sureness) {
        TableSet lit = set.atAnySettings();
        return METERED.get(new Asked(lit, key, sureness == Sureness.ROUGH), () -> metered(lit, key, sureness));
    }

    private static MeteredLight metered(TableSet set, KeyLight key, Sureness sureness) {
        Scene scene = Scene.of(set);
        MeterPlace at = MeterPlace.of(set, key, scene);
        LayerExposure exposure = LayerExposure.of(set, key);
        return switch (set.exposure().metering().mode()) {
            case INCIDENT -> {
                Incidence incidence = new Incidence(set, scene, at.place(), at.normal());
                yield of(
                        new Settled(
                                exposure,
                                sureness,
                                set.cards().isEmpty() ? MOST : MOST_AMONG_CARDS,
                                round -> incidence.more()),
                        at.place(),
                        MeterSight.SURFACE);
            }
            case SPOT -> {
                SpotMeter meter = new SpotMeter(set, scene, at.place());
                yield of(
                        new Settled(exposure, sureness, MOST_OF_SPOT, round -> asIncident(meter.round(round))),
                        at.place(),
                        meter.sight());
            }
        };
    }

    private static double[] asIncident(double[] luminance) {
        return Arrays.stream(luminance).map(CorrectExposure::incident).toArray();
    }

    private static MeteredLight of(Settled settled, Vector3D place, MeterSight sight) {
        LayerExposure exposure = settled.exposure();
        double[] light = settled.light();
        double cards = 0;
        for (int layer = Layers.FIRST_CARD; layer < exposure.layers(); layer++) {
            cards += exposure.of(light, layer);
        }
        return new MeteredLight(
                place,
                sight,
                exposure.of(light, Layers.KEY),
                exposure.of(light, Layers.TABLE) + exposure.of(light, Layers.GLASS),
                exposure.of(light, Layers.ROOM),
                cards,
                exposure.of(light, Layers.BASE),
                exposure.of(light, Layers.AMBIENT),
                settled.error());
    }

    /** All that gets dimmer as the light is turned down. */
    public double dimmed() {
        return key + table + room + cards + base;
    }
}
