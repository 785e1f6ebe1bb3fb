package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeterPlace;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.AnyPlace;
import zephyrdune.set.camera.HeroFront;
import zephyrdune.set.camera.MeteringPoint;
import zephyrdune.units.measure.Refused;

/**
 * The metering point as it appears in the frame.
 *
 * @param place metres
 * @param across from the left edge of the frame, 0 to 1; beyond that it is outside
 * @param down from its upper edge, likewise
 */
public record MeterInFrame(Vector3D place, double across, double down) {

    /** A surface that leans by more than 60 degrees is a side. */
    private static final double SIDE = 0.5;

    public static MeterInFrame of(TableSet set) {
        Vector3D place = MeterPlace.of(set, KeyLight.of(set), Scene.of(set)).place();
        Vector3D seen = Perspective.of(set).project(place);
        return new MeterInFrame(place, seen.getX(), seen.getY());
    }

    /**
     * The metering point that is seen in a point of the frame: any place on the table and on what stands there, or the hero's front.
     *
     * @throws Refused where no meter can be held
     */
    public static MeteringPoint pointAt(TableSet set, double across, double down) {
        if (!(across >= 0 && across <= 1 && down >= 0 && down <= 1)) {
            throw new Refused("across", "The metering point has to lie in the frame, from 0 to 1 across and down");
        }
        Scene scene = Scene.of(set);
        CameraHit seen = CameraHit.of(Perspective.of(set), scene, across, down)
                .filter(place ->
                        place.owner() == Scene.TABLE || place.owner() >= Scene.HERO && scene.card(place.owner()) < 0)
                .orElseThrow(() -> new Refused(
                        "across", "No meter can be held here: choose a place on the table or on what stands there"));
        boolean side = seen.owner() == Scene.HERO && seen.normal().getZ() < SIDE;
        return side
                ? new HeroFront()
                : new AnyPlace(
                        millimetre(seen.point().getX()), millimetre(seen.point().getY()));
    }

    private static double millimetre(double metres) {
        return Math.round(1000 * metres) / 1000.0;
    }
}
