package zephyrdune.set.surface;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * How a surface sends light on, beside its colour.
 *
 * @param roughness of what mirrors, 0 polished to 1; its square is the width parameter of the microfacet distribution
 *     (B. Walter and others, Microfacet models for refraction through rough surfaces, EGSR 2007)
 * @param index refractive index of the coat
 * @param through share of the light of a matte sheet that goes through it
 * @param meanFreePath of light under the surface, metres; 0 where it comes out where it went in
 */
public record Finish(
        Sheen sheen,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double roughness,
        @Within(min = 1, max = 3, unit = Unit.RATIO) double index,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double through,
        @Within(min = 0, max = 0.01, unit = Unit.METRE) double meanFreePath) {

    private static final Limits LIMITS = Limits.of(Finish.class);

    /** Kinds of surface; each reads a {@link Surface}'s three numbers in its own way. */
    public enum Sheen {
        /** Sends light back evenly; the numbers are its reflectance. */
        MATTE,
        /** Matte under a clear skin that mirrors: glaze, sauce, varnish. The numbers are the reflectance underneath. */
        COATED,
        /** Mirrors alone; the numbers are its reflectance seen straight on. */
        METAL
    }

    public Finish {
        LIMITS.require(roughness, index, through, meanFreePath);
    }

    /** Whether it is a looking glass. */
    public boolean polished() {
        return sheen == Sheen.METAL && roughness == 0;
    }

    static final Finish MATTE = new Finish(Sheen.MATTE, 1, 1, 0, 0);

    static Finish coated(double roughness, double index) {
        return new Finish(Sheen.COATED, roughness, index, 0, 0);
    }

    static Finish metal(double roughness) {
        return new Finish(Sheen.METAL, roughness, 1, 0, 0);
    }

    static Finish sheet(double through) {
        return new Finish(Sheen.MATTE, 1, 1, through, 0);
    }

    /** The same with light that goes some way under the surface, by millimetres of mean free path. */
    Finish scattering(double millimetres) {
        return new Finish(sheen, roughness, index, through, millimetres / 1_000);
    }
}
