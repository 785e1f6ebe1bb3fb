package zephyrdune.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.measure.Stops;
import zephyrdune.table.TableSet;

/**
 * The light of the set at full power with nothing in its way, and what it gives the hero: every "stops from the hero" is counted from
 * here.
 */
public final class KeyLight {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    private final EmittingFace face;
    private final Illuminance formula;
    private final Vector3D hero;
    private final double heroIlluminance;

    private KeyLight(EmittingFace face, double error, Vector3D hero) {
        this.face = face;
        this.formula = Illuminance.of(face, error);
        this.hero = hero;
        this.heroIlluminance = formula.at(hero, UP);
    }

    /** For readings. */
    public static KeyLight of(TableSet set) {
        return of(set, Illuminance.FINE);
    }

    /** @param error wanted where the light has to be sampled, as a share of the value */
    public static KeyLight of(TableSet set, double error) {
        return new KeyLight(
                EmittingFace.of(set), error, Vector3D.of(0, 0, set.dish().top()));
    }

    /** The face, at full power. */
    public EmittingFace face() {
        return face;
    }

    /** The middle of the hero's lit top, metres. */
    public Vector3D hero() {
        return hero;
    }

    /** Illuminance of the hero's lit top, a level surface, lux or lux seconds; zero when the light does not reach it. */
    public double heroIlluminance() {
        return heroIlluminance;
    }

    /** Illuminance at a point of a surface, lux or lux seconds. */
    public double at(Vector3D point, Vector3D normal) {
        return formula.at(point, normal);
    }

    /** Illuminance of a level surface at a point, in stops from the hero. */
    public double levelStops(double x, double y, double z) {
        return Stops.between(formula.level(x, y, z), heroIlluminance);
    }
}
