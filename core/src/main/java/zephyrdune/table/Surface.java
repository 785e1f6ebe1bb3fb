package zephyrdune.table;

/**
 * A matte surface: what share of red, green and blue light it sends back, evenly in all directions.
 *
 * <p>Reflectances are linear, for the red, green and blue of sRGB (IEC 61966-2-1). They are common practice for such
 * materials, from memory, no published source.
 */
public enum Surface {
    WHITE_CERAMIC(0.78, 0.77, 0.74),
    DARK_STONEWARE(0.060, 0.062, 0.068),
    CLAY(0.42, 0.20, 0.12),
    SLATE(0.045, 0.050, 0.055),
    PALE_WOOD(0.56, 0.42, 0.28),
    DARK_WOOD(0.12, 0.070, 0.042),
    LINEN(0.62, 0.58, 0.51),
    WHITE_PAPER(0.86, 0.86, 0.85),
    GREY_PAPER(0.18, 0.18, 0.18),
    BLACK_PAPER(0.04, 0.04, 0.04),
    SMOKED_CHOWDER(0.60, 0.42, 0.22),
    RYE_CRUST(0.32, 0.17, 0.075),
    BAKED_PASTRY(0.55, 0.33, 0.13),
    CREAM(0.80, 0.73, 0.58),
    BLACK_SESAME(0.14, 0.135, 0.13),
    GREEN_LEAF(0.11, 0.22, 0.045);

    private final double red;
    private final double green;
    private final double blue;

    Surface(double red, double green, double blue) {
        this.red = red;
        this.green = green;
        this.blue = blue;
    }

    public double red() {
        return red;
    }

    public double green() {
        return green;
    }

    public double blue() {
        return blue;
    }
}
