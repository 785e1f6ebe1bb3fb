package zephyrdune.units.colour;

/**
 * Red, green and blue of linear sRGB (IEC 61966-2-1): shares that a surface sends back, or that a centimetre lets pass.
 */
public record Rgb(double red, double green, double blue) {

    /** The share of white light. */
    public double luminous() {
        return Luminance.of(red, green, blue);
    }

    /** One of red, green and blue, 0 to 2. */
    public double channel(int channel) {
        return channel == 0 ? red : channel == 1 ? green : blue;
    }
}
