package zephyrdune.answers.wall;

import java.util.function.DoublePredicate;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.set.light.Light;
import zephyrdune.units.geometry.Bisection;

/** What a light that stands square before a wall gives it at full power: the same illuminance as everywhere else in the program. */
public final class WallBeam {

    private static final Vector3D TO_LIGHT = Vector3D.Unit.MINUS_Y;

    private static final double WIDEST = Math.toRadians(85);
    private static final double WITHIN = 1e-5;

    /** Of the illuminance, as a share: a thousandth of a stop and a half. */
    private static final double ERROR = 1e-3;

    private final Illuminance illuminance;
    private final double distance;

    private WallBeam(Illuminance illuminance, double distance) {
        this.illuminance = illuminance;
        this.distance = distance;
    }

    /** @param light square before the wall, its aim the beam's middle there */
    static WallBeam of(Light light) {
        return new WallBeam(Illuminance.of(EmittingFace.of(light), ERROR), light.distance());
    }

    /**
     * Illuminance on the wall, lux or lux seconds.
     *
     * @param across metres to the right of the beam's middle
     * @param up metres above it
     */
    double at(double across, double up) {
        return illuminance.at(Vector3D.of(across, 0, up), TO_LIGHT);
    }

    /**
     * Full angle at whose sides the beam is so much of what it is in its middle, as intensity: {@code E r² / cos}. At a half it is the beam angle,
     * at a tenth the field angle (the names of lighting's standard vocabulary, CIE S 017; from memory).
     */
    double angle(double share) {
        return 2 * widest(angle -> intensity(angle) >= share * intensity(0));
    }

    /** How wide the wall is lit to within a third of a stop of the middle, metres. */
    double evenWidth() {
        return 2 * reach(Math.cbrt(0.5));
    }

    /** How far from its middle the beam is still so much of it, metres. */
    double reach(double share) {
        double least = share * at(0, 0);
        return distance * Math.tan(widest(angle -> at(distance * Math.tan(angle), 0) >= least));
    }

    private static double widest(DoublePredicate holds) {
        return Bisection.of(0, WIDEST, WITHIN, holds).holds();
    }

    private double intensity(double angle) {
        return at(distance * Math.tan(angle), 0) / Math.pow(Math.cos(angle), 3);
    }
}
