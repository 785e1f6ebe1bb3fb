package zephyrdune.units.measure;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Lengths in sentences. They stand there in metres and in braces, {0.125 m}, so that whoever shows the sentence can say them in the unit that
 * somebody has chosen; "least" or "most" says which way to round.
 */
public final class Lengths {

    private static final Pattern LENGTH = Pattern.compile("\\{(-?[0-9.]+) m( least| most)?}");

    private Lengths() {}

    /** A length to be rounded to the nearest. */
    public static String words(double metres) {
        return braced(metres, "");
    }

    /** The least that does: to be rounded up. */
    public static String least(double metres) {
        return braced(metres, " least");
    }

    /** The most that does: to be rounded down. */
    public static String most(double metres) {
        return braced(metres, " most");
    }

    /** The next whole centimetre above a length, metres: it does where the length itself just does, or just does not. */
    public static double wholeUp(double metres) {
        return (Rounding.down(100 * metres) + 1) / 100.0;
    }

    private static String braced(double metres, String way) {
        return String.format(Locale.ROOT, "{%.5f m%s}", metres, way);
    }

    /** A sentence for those who have chosen no unit: in whole centimetres. */
    public static String plain(String sentence) {
        return LENGTH.matcher(sentence).replaceAll(Lengths::inCentimetres);
    }

    private static String inCentimetres(MatchResult length) {
        double centimetres = 100 * Double.parseDouble(length.group(1));
        double rounded = length.group(2) == null
                ? Math.rint(centimetres)
                : length.group(2).equals(" least") ? Rounding.up(centimetres) : Rounding.down(centimetres);
        return String.format(Locale.ROOT, "%.0f cm", rounded);
    }
}
