package zephyrdune.illuminance;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.Patch;
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
    private final List<EmittingFace> others;
    private final List<Illuminance> otherFormulas;
    private final Vector3D hero;
    private final double heroIlluminance;

    private KeyLight(EmittingFace face, List<EmittingFace> others, double error, Vector3D hero) {
        this.face = face;
        this.others = others;
        formula = Illuminance.of(face, error);
        otherFormulas =
                others.stream().map(other -> Illuminance.of(other, error)).toList();
        this.hero = hero;
        heroIlluminance = at(hero, UP);
    }

    /** For readings. */
    public static KeyLight of(TableSet set) {
        return of(set, Illuminance.FINE);
    }

    /** @param error wanted where the light has to be sampled, as a share of the value */
    public static KeyLight of(TableSet set, double error) {
        List<EmittingFace> others =
                Patch.of(set.light(), set.room()).stream().map(Patch::face).toList();
        return new KeyLight(
                EmittingFace.of(set),
                others,
                error,
                Vector3D.of(0, 0, set.dish().top()));
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

    /** What it lights beside its face: the other leaves of a corner. */
    public List<EmittingFace> others() {
        return others;
    }

    /** All its light at full power, lumens or lumen seconds. */
    public double flux() {
        return face.flux() + others.stream().mapToDouble(EmittingFace::flux).sum();
    }

    /** Share of the hero's light that comes from the face. */
    public double faceShare() {
        return heroIlluminance == 0 ? 1 : formula.at(hero, UP) / heroIlluminance;
    }

    /** Illuminance at a point of a surface, lux or lux seconds. */
    public double at(Vector3D point, Vector3D normal) {
        double sum = formula.at(point, normal);
        for (Illuminance other : otherFormulas) {
            sum += other.at(point, normal);
        }
        return sum;
    }

    /** Illuminance of a level surface at a point, in stops from the hero. */
    public double levelStops(double x, double y, double z) {
        return Stops.between(at(Vector3D.of(x, y, z), UP), heroIlluminance);
    }
}
