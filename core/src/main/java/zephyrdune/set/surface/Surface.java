package zephyrdune.set.surface;

import java.util.Locale;
import zephyrdune.set.surface.Relief.Pattern;
import zephyrdune.units.colour.Rgb;

/**
 * A surface: its colour, its finish and its relief.
 *
 * <p>The three numbers are linear, for the red, green and blue of sRGB (IEC 61966-2-1); what they mean is up to the finish.
 * They are common practice for such materials, from memory, no published source. Mean free paths are about those of kindred food in H. W.
 * Jensen and others, A practical model for subsurface light transport, SIGGRAPH 2001: whole milk 0.3 mm, apple 0.4, potato 1.5, from memory.
 */
public enum Surface {
    WHITE_CERAMIC(0.78, 0.77, 0.74, Finish.coated(0.12, 1.5), Relief.grain(0.02, 0.004, 0.01)),
    DARK_STONEWARE(0.060, 0.062, 0.068, Finish.coated(0.38, 1.5), Relief.grain(0.003, 0.05, 0.25)),
    CLAY(0.42, 0.20, 0.12, Finish.MATTE, Relief.grain(0.004, 0.08, 0.12)),
    SLATE(0.045, 0.050, 0.055, Finish.coated(0.5, 1.45), Relief.grain(0.02, 0.07, 0.2)),
    PALE_WOOD(0.56, 0.42, 0.28, Finish.MATTE, Relief.of(Pattern.WOOD, 0.012, 0.06, 0.16)),
    DARK_WOOD(0.12, 0.070, 0.042, Finish.coated(0.4, 1.5), Relief.of(Pattern.WOOD, 0.012, 0.05, 0.3)),
    LINEN(0.62, 0.58, 0.51, Finish.MATTE, Relief.of(Pattern.WEAVE, 0.0012, 0.3, 0.1)),
    WHITE_PAPER(0.86, 0.86, 0.85, Finish.MATTE, Relief.SMOOTH),
    GREY_PAPER(0.18, 0.18, 0.18, Finish.MATTE, Relief.SMOOTH),
    BLACK_PAPER(0.04, 0.04, 0.04, Finish.MATTE, Relief.SMOOTH),
    SMOKED_CHOWDER(
            0.60, 0.42, 0.22, Finish.coated(0.14, 1.4).scattering(0.8), Relief.of(Pattern.CHUNKS, 0.02, 0.5, 0.16)),
    RYE_CRUST(0.44, 0.26, 0.12, Finish.MATTE, Relief.of(Pattern.CRUMB, 0.0035, 0.4, 0.35)),
    BAKED_PASTRY(0.57, 0.35, 0.15, Finish.MATTE, Relief.grain(0.0025, 0.25, 0.16)),
    CREAM(0.80, 0.73, 0.58, Finish.coated(0.3, 1.4).scattering(0.35), Relief.grain(0.015, 0.03, 0.02)),
    BLACK_SESAME(
            0.70, 0.65, 0.56, Finish.coated(0.14, 1.4).scattering(2), Relief.of(Pattern.FLECKS, 0.0019, 0.010, 0.16)),
    GREEN_LEAF(0.15, 0.27, 0.06, Finish.sheet(0.35), Relief.grain(0.012, 0.2, 0.3)),
    SILVER_CARD(0.88, 0.88, 0.87, Finish.metal(0.55), Relief.SMOOTH),
    GOLD_CARD(0.90, 0.70, 0.36, Finish.metal(0.55), Relief.SMOOTH),
    MIRROR(0.92, 0.92, 0.92, Finish.metal(0), Relief.SMOOTH),
    STEEL(0.62, 0.61, 0.59, Finish.metal(0.22), Relief.SMOOTH),
    MATTE_TIN(0.66, 0.65, 0.62, Finish.metal(0.5), Relief.of(Pattern.RIBBED, 0.002, 0.05, 0.05)),
    BRASS(0.83, 0.62, 0.28, Finish.metal(0.28), Relief.SMOOTH),
    GLOSSY_SAUCE(0.16, 0.045, 0.020, Finish.coated(0.08, 1.45), Relief.grain(0.02, 0.05, 0.1)),
    ALMOND_FILLING(0.66, 0.45, 0.20, Finish.coated(0.5, 1.4), Relief.grain(0.005, 0.22, 0.2)),
    PEAR(0.76, 0.62, 0.31, Finish.coated(0.15, 1.4).scattering(0.6), Relief.grain(0.004, 0.05, 0.05)),
    BREAD_CRUMB(0.74, 0.61, 0.42, Finish.MATTE.scattering(0.8), Relief.of(Pattern.CRUMB, 0.006, 0.4, 0.25)),
    FISH_SKIN(0.42, 0.32, 0.17, Finish.coated(0.18, 1.47), Relief.of(Pattern.FLECKS, 0.005, 0.06, 0.3)),
    LABEL_PAPER(0.80, 0.77, 0.68, Finish.MATTE, Relief.grain(0.001, 0.05, 0.02)),
    BREAD_CRUST(0.46, 0.25, 0.10, Finish.MATTE, Relief.of(Pattern.CRUST, 0.036, 0.5, 0.45)),
    COFFEE(0.045, 0.018, 0.008, Finish.coated(0.05, 1.34), Relief.grain(0.02, 0.01, 0.1)),
    CHOCOLATE(0.085, 0.036, 0.018, Finish.coated(0.3, 1.46), Relief.grain(0.004, 0.03, 0.06)),
    PRINTED_CARD(0.16, 0.24, 0.30, Finish.coated(0.35, 1.5), Relief.grain(0.002, 0.01, 0.02)),
    NOODLE(0.78, 0.60, 0.30, Finish.coated(0.18, 1.4).scattering(0.5), Relief.grain(0.004, 0.03, 0.05)),
    BROTH(0.34, 0.19, 0.07, Finish.coated(0.03, 1.34).scattering(1.5), Relief.of(Pattern.FLECKS, 0.006, 0.02, 0.2)),
    SORBET(0.72, 0.24, 0.26, Finish.coated(0.3, 1.33).scattering(1.2), Relief.of(Pattern.CRUMB, 0.005, 0.3, 0.08)),
    CHEESE(0.82, 0.64, 0.26, Finish.coated(0.35, 1.4).scattering(1.2), Relief.grain(0.006, 0.06, 0.04)),
    CHEESE_RIND(0.62, 0.40, 0.16, Finish.coated(0.4, 1.4), Relief.grain(0.006, 0.12, 0.12)),
    GLAZED_CRUST(0.50, 0.25, 0.08, Finish.coated(0.22, 1.4), Relief.grain(0.007, 0.06, 0.14)),
    BLACK_RUBBER(0.03, 0.03, 0.032, Finish.coated(0.5, 1.5), Relief.grain(0.002, 0.02, 0.02)),
    PRESERVE(0.24, 0.035, 0.025, Finish.coated(0.10, 1.4), Relief.grain(0.010, 0.12, 0.3));

    private final Rgb colour;
    private final Finish finish;
    private final Relief relief;

    Surface(double red, double green, double blue, Finish finish, Relief relief) {
        colour = new Rgb(red, green, blue);
        this.finish = finish;
        this.relief = relief;
    }

    /** What it is called in a sentence: "white paper". */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Share that it sends back; of what lies under a coat, or of a metal straight on. */
    public Rgb colour() {
        return colour;
    }

    /** Reflectance of white light, by the luminance weights of linear sRGB (IEC 61966-2-1). */
    public double luminous() {
        return colour.luminous();
    }

    public Finish finish() {
        return finish;
    }

    public Relief relief() {
        return relief;
    }
}
