package zephyrdune.shoot.runsheet;

import java.util.Locale;

/** Minutes of the day as people read them. */
final class DayTime {

    private static final int HOUR = 60;
    private static final int DAY = 24;

    private DayTime() {}

    /** 14:05; past midnight 0:10 again. */
    static String words(double minutes) {
        long whole = Math.round(minutes);
        return String.format(Locale.ROOT, "%d:%02d", whole / HOUR % DAY, whole % HOUR);
    }

    /** A length of time in whole minutes, upwards: what is missed by a second is missed. */
    static String length(double minutes) {
        return "%d min".formatted((long) Math.ceil(minutes - 1e-6));
    }

    /** The hour of the day by which something that ends then is done, to whole minutes. */
    static double hourAfter(double minutes) {
        return Math.ceil(minutes - 1e-6) / HOUR;
    }
}
