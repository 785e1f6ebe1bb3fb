package zephyrdune.light.illuminance;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Patch;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.measure.Stops;

/**
 * The light of the set at full power, past cards, flags and barn doors but not past what stands on the table, and what it gives the hero:
 * every "stops from the hero" is counted from here.
 *
 * <p>Under a pattern the hero has what its brightest patch has: that is what one exposes for.
 */
public final class KeyLight {

    /** A set is read, looked over and metered by several that do not know of each other. */
    private static final Remembered<TableSet, KeyLight> FINE = new Remembered<>(48);

    /** The same by {@link TableSet#atAnySettings()}: while aperture, speed, bias or power are changed the light stays. */
    private static final Remembered<TableSet, KeyLight> FINE_AT_ANY_SETTINGS = new Remembered<>(48);

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    private final EmittingFace face;
    private final Illuminance open;
    private final Illuminance formula;
    private final List<EmittingFace> others;
    private final List<Illuminance> otherFormulas;
    private final List<Illuminance> otherOpens;
    private final Vector3D hero;
    private final boolean patterned;
    private final TableSet set;

    /** Found when first asked for, as not everybody asks; null before. */
    private Vector3D brightest;

    /** Likewise; not a number before. */
    private double heroIlluminance = Double.NaN;

    private KeyLight(TableSet set, double error, Cutters cutters) {
        face = EmittingFace.of(set);
        others = Patch.of(set.light(), set.room()).stream().map(Patch::face).toList();
        open = Illuminance.of(face, error);
        formula = CutFace.of(face, open, cutters);
        otherOpens = others.stream().map(other -> Illuminance.of(other, error)).toList();
        otherFormulas = IntStream.range(0, others.size())
                .mapToObj(i -> CutFace.of(others.get(i), otherOpens.get(i), cutters))
                .toList();
        hero = Vector3D.of(0, 0, set.dish().top());
        this.set = set;
        patterned = !cutters.none() && set.patterned();
    }

    /** For readings. */
    public static KeyLight of(TableSet set) {
        return FINE.get(set, () -> {
            TableSet lit = set.atAnySettings();
            return FINE_AT_ANY_SETTINGS.get(lit, () -> past(lit, Cutters.of(lit)));
        });
    }

    /** @param error wanted where the light has to be integrated, as a share of the value; where it is exact it is that for readings */
    public static KeyLight of(TableSet set, double error) {
        KeyLight fine = of(set);
        return fine.exact() ? fine : new KeyLight(set, error, Cutters.of(set));
    }

    private boolean exact() {
        return Stream.concat(Stream.of(face), others.stream()).allMatch(EmittingFace::uniform);
    }

    /** Whether its map takes long: parts of it are cut away, or it has to be integrated. */
    public boolean expensive() {
        return formula != open || !exact();
    }

    /** As it would be with no card and no door in its way. */
    public static KeyLight open(TableSet set) {
        return past(set, Cutters.NONE);
    }

    /** As it would be with something else than the set's own cards and doors in its way. */
    public static KeyLight past(TableSet set, Cutters cutters) {
        return new KeyLight(set, Illuminance.FINE, cutters);
    }

    /** The face, at full power. */
    public EmittingFace face() {
        return face;
    }

    /** Whether a card throws a pattern of more than one patch. */
    public boolean patterned() {
        return patterned;
    }

    /** The middle of the hero's lit top, metres. */
    public Vector3D hero() {
        return hero;
    }

    /** The place on the hero's top that is exposed for: its middle; under a pattern the brightest patch, where it is brighter than that. */
    public Vector3D brightest() {
        if (brightest == null) {
            brightest = patterned ? BrightestPatch.of(set, this) : hero;
        }
        return brightest;
    }

    /** Illuminance of a level surface there, lux or lux seconds; zero when the light does not reach it. */
    public double heroIlluminance() {
        if (Double.isNaN(heroIlluminance)) {
            heroIlluminance = at(brightest(), UP);
        }
        return heroIlluminance;
    }

    /** Illuminance at a point of a surface were no card and no door in the way. */
    public double openAt(Vector3D point, Vector3D normal) {
        return sum(open, otherOpens, point, normal);
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
        double all = at(hero, UP);
        return all == 0 ? 1 : formula.at(hero, UP) / all;
    }

    /** Illuminance at a point of a surface, lux or lux seconds. */
    public double at(Vector3D point, Vector3D normal) {
        return sum(formula, otherFormulas, point, normal);
    }

    private static double sum(Illuminance first, List<Illuminance> others, Vector3D point, Vector3D normal) {
        double sum = first.at(point, normal);
        for (Illuminance other : others) {
            sum += other.at(point, normal);
        }
        return sum;
    }

    /** Illuminance of a level surface at a point, in stops from the hero. */
    public double levelStops(double x, double y, double z) {
        return Stops.between(at(Vector3D.of(x, y, z), UP), heroIlluminance());
    }
}
