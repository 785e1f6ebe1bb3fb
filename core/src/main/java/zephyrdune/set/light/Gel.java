package zephyrdune.set.light;

import zephyrdune.units.colour.Luminance;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A sheet of colour before the source. One that corrects shifts the colour temperature; a coloured one lets pass more of one colour than
 * of another. Either swallows what it does not let pass.
 *
 * @param shift positive for warmer
 * @param red share of the source's red that passes; green and blue likewise, linear sRGB
 */
public record Gel(
        @Within(min = -300, max = 300, unit = Unit.MIRED) double shift,

        @Within(min = Gel.DEEPEST, max = 1, unit = Unit.RATIO)
        double red,

        @Within(min = Gel.DEEPEST, max = 1, unit = Unit.RATIO)
        double green,

        @Within(min = Gel.DEEPEST, max = 1, unit = Unit.RATIO)
        double blue) {

    /** The least that a gel lets pass of any colour. */
    static final double DEEPEST = 0.005;

    private static final Limits LIMITS = Limits.of(Gel.class);

    public static final Gel NONE = correcting(0);

    public Gel {
        LIMITS.require(shift, red, green, blue);
    }

    /** One that shifts the colour temperature, by mireds. */
    public static Gel correcting(double shift) {
        return new Gel(shift, 1, 1, 1);
    }

    /** One that lets pass shares of red, green and blue. */
    public static Gel passing(double red, double green, double blue) {
        return new Gel(0, red, green, blue);
    }

    /** Whether it lets more of one colour pass than of another. */
    public boolean coloured() {
        return red != green || green != blue;
    }

    /** What it lets pass of the source's light, as the eye weighs it. */
    public double through() {
        return Luminance.of(red, green, blue);
    }

    /** What it swallows, stops. */
    public double loss() {
        return Stops.between(1, through());
    }
}
