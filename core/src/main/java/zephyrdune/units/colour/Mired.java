package zephyrdune.units.colour;

/** Mireds: a million over the colour temperature. A gel shifts every light by the same number of them. */
public final class Mired {

    private Mired() {}

    /** Mireds of a colour temperature in kelvin, and kelvin of mireds: it is its own inverse. */
    public static double of(double kelvin) {
        return 1e6 / kelvin;
    }

    /** The colour temperature behind a gel, kelvin; a positive shift is warmer. */
    public static double shifted(double kelvin, double shift) {
        return of(of(kelvin) + shift);
    }
}
