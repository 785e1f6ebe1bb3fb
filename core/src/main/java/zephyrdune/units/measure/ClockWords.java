package zephyrdune.units.measure;

/** Directions as people say them by a clock round the plate. */
public final class ClockWords {

    private static final int MINUTES = 720;

    private ClockWords() {}

    /** "9:30", to the minute. */
    public static String of(double radians) {
        long minutes = Math.floorMod(Math.round(radians / (2 * Math.PI) * MINUTES), MINUTES);
        return "%d:%02d".formatted(minutes < 60 ? 12 : minutes / 60, minutes % 60);
    }
}
