package zephyrdune.units.exposure;

/** Camera settings as they are said. */
public final class SettingWords {

    private SettingWords() {}

    /** "1/125 s", "0.5 s". */
    public static String shutter(double seconds) {
        return seconds < 0.3 ? "1/%.0f s".formatted(1 / seconds) : mark(seconds) + " s";
    }

    /** "1/125 s, f/5.6, ISO 400". */
    public static String all(double shutter, double aperture, double speed) {
        return "%s, f/%s, ISO %.0f".formatted(shutter(shutter), mark(aperture), speed);
    }

    /** A mark without needless decimals: "8", "5.6". */
    public static String mark(double value) {
        return value == Math.rint(value) ? "%.0f".formatted(value) : "%.1f".formatted(value);
    }
}
