package zephyrdune.set.surface;

import zephyrdune.units.colour.Rgb;

/**
 * A clear body's substance: how strongly it bends light, and what a centimetre of it lets pass.
 *
 * <p>Refractive indices are handbook values, from memory: soda-lime glass 1.52, water 1.333, ice 1.31, olive oil 1.47, a
 * tenth of sugar in water 1.348. What passes is common practice, from memory, no published source.
 */
public enum Medium {
    CLEAR_GLASS(1.52, 0.985, 0.99, 0.985),
    GREEN_GLASS(1.52, 0.30, 0.72, 0.36),
    AMBER_GLASS(1.52, 0.70, 0.34, 0.08),
    WATER(1.333, 0.995, 0.998, 0.999),
    CORDIAL(1.348, 0.985, 0.97, 0.89),
    BERRY_DRINK(1.348, 0.80, 0.18, 0.22),
    OIL(1.47, 0.93, 0.86, 0.35),
    ICE(1.31, 0.985, 0.99, 0.993);

    private final double index;
    private final Rgb passed;

    Medium(double index, double red, double green, double blue) {
        this.index = index;
        passed = new Rgb(red, green, blue);
    }

    /** Refractive index against air. */
    public double index() {
        return index;
    }

    /** What a centimetre of it lets pass. */
    public Rgb passed() {
        return passed;
    }
}
