package zephyrdune.answers.look;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.sampling.Sureness;

/** How a set lies in all bands of a look, in their order. */
public record Fit(List<Verdict> verdicts) {

    /** A band that is missed by so many steps is half wrong; the farther out, the less one minds how far. */
    private static final double HALF_WRONG = 2;

    private static final double UNSEEN = 0.3;

    private static final Set<Aspect> GEOMETRY =
            EnumSet.of(Aspect.DIRECTION, Aspect.HEIGHT, Aspect.SIZE, Aspect.EDGE, Aspect.FALL_OFF);

    private static final Set<Aspect> SHADE = EnumSet.of(Aspect.SHADOW_DEPTH, Aspect.CONTRAST);

    public Fit {
        verdicts = List.copyOf(verdicts);
    }

    /** By readings of the set that were made already; nothing where the set has no look. */
    public static Optional<Fit> of(TableSet set, List<Reading> readings) {
        return set.look() instanceof NamedLook look ? Optional.of(of(set, look, readings)) : Optional.empty();
    }

    /** Of another look than the set's own. */
    public static Fit of(TableSet set, NamedLook look, List<Reading> readings) {
        Measured measured = new Measured(set, readings);
        return new Fit(look.bands().stream().map(measured::verdict).toList());
    }

    /** With the readings that the look asks for and no others. */
    public static Fit of(TableSet set, NamedLook look, Sureness sureness) {
        return of(set, look, Readings.of(set, sureness, Measured.kinds(look)));
    }

    /** What is missed of those bands that follow from geometry alone, without a ray traced: quick, for a first choice. */
    public static double missedByGeometry(TableSet set, NamedLook look) {
        List<Band> quick = look.bands().stream()
                .filter(band -> GEOMETRY.contains(band.aspect()))
                .toList();
        if (quick.isEmpty()) {
            return 0;
        }
        NamedLook geometry = look.withBands(quick);
        return of(set, geometry, Readings.of(set, Sureness.AT_ONCE, Measured.quickKinds(geometry)))
                .missed();
    }

    /** How many bands are met. */
    public long met() {
        return verdicts.stream().filter(Verdict::met).count();
    }

    /** What is missed, each in a few words: "Height too low". */
    public List<String> misses() {
        return verdicts.stream()
                .filter(verdict -> verdict.off() != 0)
                .map(verdict -> verdict.band().aspect().title() + " " + verdict.words())
                .toList();
    }

    /** How far the shade is deeper than asked for, in steps; negative where it is more open. */
    public double shade() {
        return verdicts.stream()
                .filter(verdict -> SHADE.contains(verdict.band().aspect()))
                .mapToDouble(Verdict::off)
                .sum();
    }

    /**
     * How much is missed of all: bands that are quite wrong count 1, those that are nearly met hardly anything, and those that nothing is read
     * for a little: what cannot be seen is not met.
     */
    public double missed() {
        return verdicts.stream()
                .mapToDouble(verdict -> verdict.value().isEmpty() ? UNSEEN : wrong(verdict.off()))
                .sum();
    }

    private static double wrong(double off) {
        return off * off / (off * off + HALF_WRONG * HALF_WRONG);
    }
}
