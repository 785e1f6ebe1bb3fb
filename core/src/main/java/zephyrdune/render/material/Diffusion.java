package zephyrdune.render.material;

/**
 * How far from where it went in light comes out of a surface that it gets under: normalized diffusion (P. H. Christensen and B. Burley,
 * Approximate reflectance profiles for efficient subsurface scattering, Pixar Technical Memo 15-04, 2015; formulas from memory), with the fit
 * for light that goes in evenly from all sides.
 */
public final class Diffusion {

    /** Part of the light that comes out by the short one of the two exponentials; the other is three times as long. */
    private static final double NEAR = 0.25;

    private static final double LONGER = 3;

    /** Metres. */
    private final double length;

    private Diffusion(double length) {
        this.length = length;
    }

    /**
     * @param meanFreePath in the volume, metres
     * @param albedo share of the light under the surface that comes out again
     */
    public static Diffusion of(double meanFreePath, double albedo) {
        double from = albedo - 0.8;
        return new Diffusion(meanFreePath / (1.9 - albedo + 3.5 * from * from));
    }

    /** A distance, by a number from 0 to 1, as likely as light comes out there. Metres. */
    public double radius(double number) {
        return number < NEAR
                ? -length * Math.log(1 - number / NEAR)
                : -LONGER * length * Math.log(1 - (number - NEAR) / (1 - NEAR));
    }

    /** Share of the light that comes out no farther away than this. */
    public double within(double metres) {
        return 1 - NEAR * Math.exp(-metres / length) - (1 - NEAR) * Math.exp(-metres / LONGER / length);
    }

    /** What comes out on average so far from where it went in, metres. */
    public double meanRadius() {
        return length * (NEAR + (1 - NEAR) * LONGER);
    }
}
