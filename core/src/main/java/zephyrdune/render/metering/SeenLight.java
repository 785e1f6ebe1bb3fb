package zephyrdune.render.metering;

import java.util.Arrays;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.Incidence;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;

/**
 * How bright a degree round a place looks from the camera, layer by layer, for lights and a room of luminance 1: what a spot meter sees, before power and
 * exposure.
 */
public final class SeenLight {

    /** Rounds at most. */
    private static final int MOST = 128;

    private final Settled settled;

    private SeenLight(Settled settled) {
        this.settled = settled;
    }

    /** @param place on a surface that the camera sees, metres */
    public static SeenLight of(TableSet set, KeyLight key, Scene scene, Vector3D place) {
        SpotMeter meter = new SpotMeter(set, scene, place);
        return new SeenLight(new Settled(LayerExposure.of(set, key), MOST, meter::round));
    }

    /** The same of a grey card that lies flat on a place. */
    public static SeenLight ofGreyCard(TableSet set, KeyLight key, Scene scene, Vector3D place, double reflectance) {
        Incidence incidence = new Incidence(set, scene, place, Vector3D.Unit.PLUS_Z);
        double luminance = reflectance / Math.PI;
        return new SeenLight(new Settled(
                LayerExposure.of(set, key),
                MOST,
                round -> Arrays.stream(incidence.more())
                        .map(light -> luminance * light)
                        .toArray()));
    }

    /** How far the degree reaches round a place in the frame, as a share of the frame's width. */
    public static double reach(Perspective view, Vector3D place) {
        double radius = place.distance(view.eye()) * Math.tan(SpotMeter.HALF_ANGLE);
        return radius / view.project(place).getZ() / view.rightHalf().norm() / 2;
    }

    /** Red, green and blue of each layer in turn. */
    public double[] layers() {
        return settled.light();
    }

    /** Standard error of all of it together, stops. */
    public double error() {
        return settled.error();
    }
}
