package zephyrdune.units.colour;

/** How bright a colour is, by the luminance weights of linear sRGB (IEC 61966-2-1). */
public final class Luminance {

    private Luminance() {}

    public static double of(double red, double green, double blue) {
        return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
    }
}
