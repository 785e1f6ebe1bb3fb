package zephyrdune.formats;

import java.math.BigDecimal;
import java.math.MathContext;
import zephyrdune.units.measure.Unit;

/** The unit a quantity is written in, and the word that ends its field's name. */
enum FileUnit {
    METRES(Unit.METRE, "Metres", "metres", 1),
    DEGREES(Unit.RADIAN, "Degrees", "degrees", 180 / Math.PI),
    CLOCK_HOURS(Unit.CLOCK_RADIAN, "Hours", "hours of the clock, 12 behind the dish, 6 at the camera", 6 / Math.PI),
    STOPS(Unit.STOP, "Stops", "stops", 1),
    RATIO(Unit.RATIO, "", "as a plain ratio", 1),
    STERADIANS(Unit.STERADIAN, "Steradians", "steradians", 1),
    SECONDS(Unit.SECOND, "Seconds", "seconds", 1),
    MINUTES(Unit.MINUTE, "Minutes", "minutes", 1),
    HOURS(Unit.HOUR, "Hours", "hours", 1),
    KILOGRAMS(Unit.KILOGRAM, "Kilograms", "kilograms", 1),
    LUX(Unit.LUX, "Lux", "lux", 1),
    LUX_SECONDS(Unit.LUX_SECOND, "LuxSeconds", "lux seconds", 1),
    LUMENS(Unit.LUMEN, "Lumens", "lumens", 1),
    CANDELA(Unit.CANDELA, "Candela", "candela", 1),
    LUMENS_PER_WATT(Unit.LUMEN_PER_WATT, "LumensPerWatt", "lumens per watt", 1),
    WATT_SECONDS(Unit.WATT_SECOND, "WattSeconds", "watt seconds", 1),
    KELVIN(Unit.KELVIN, "Kelvin", "kelvin", 1),
    MIRED(Unit.MIRED, "Mired", "mired", 1),
    F_NUMBER(Unit.F_NUMBER, "FNumber", "as an f-number", 1),
    ISO(Unit.ISO_SPEED, "Iso", "ISO", 1);

    /** Digits that are kept of a converted value. */
    private static final MathContext SHORT = new MathContext(12);

    private final Unit unit;
    private final String ending;
    private final String words;
    private final double perCoreUnit;

    FileUnit(Unit unit, String ending, String words, double perCoreUnit) {
        this.unit = unit;
        this.ending = ending;
        this.words = words;
        this.perCoreUnit = perCoreUnit;
    }

    static FileUnit of(Unit unit) {
        for (FileUnit candidate : values()) {
            if (candidate.unit == unit) {
                return candidate;
            }
        }
        throw new IllegalStateException("no file unit for " + unit);
    }

    String ending() {
        return ending;
    }

    /** The unit as a description: "In metres", "As a plain ratio". */
    String sentence() {
        return words.startsWith("as ") ? "A" + words.substring(1) : "In " + words;
    }

    String words() {
        return words;
    }

    double toCore(double written) {
        return written / perCoreUnit;
    }

    /**
     * The value to write. A converted one is kept to twelve digits, far finer than anything on a table can be set, so that
     * 40 degrees are written as 40 and a file that is read and written again stays the same.
     */
    double toFile(double core) {
        return perCoreUnit == 1 ? core : bound(core);
    }

    /** A bound in the file's unit, without the dust of the conversion. */
    double bound(double core) {
        return new BigDecimal(core * perCoreUnit).round(SHORT).doubleValue();
    }
}
