package zephyrdune.answers.look;

import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.set.look.Band;

/**
 * Where a set lies in one band of a look.
 *
 * @param value in the unit of the band's aspect; absent where there is nothing to read
 * @param why there is nothing to read; empty where there is
 */
public record Verdict(Band band, OptionalDouble value, String why) {

    /** Rounding alone puts nothing out of its band. */
    private static final double DUST = 1e-9;

    /** The reading that shows it; nothing where it is a place or a setting of the set. */
    public Optional<ReadingKind> kind() {
        return Measured.kinds(band.aspect()).stream().findFirst();
    }

    /** How far out of the band, in steps that one begins to mind: negative below it, 0 within and where there is nothing to read. */
    public double off() {
        if (value.isEmpty()) {
            return 0;
        }
        double steps = band.aspect().steps(band.nearest(value.getAsDouble()), value.getAsDouble());
        return Math.abs(steps) < DUST ? 0 : steps;
    }

    public boolean met() {
        return value.isPresent() && off() == 0;
    }

    /** What misses it, in a few words; empty where nothing does. */
    public String words() {
        if (off() == 0) {
            return "";
        }
        return off() < 0 ? band.aspect().below() : band.aspect().above();
    }
}
