package zephyrdune.render.material;

import java.util.EnumMap;
import java.util.Map;
import zephyrdune.set.surface.Finish;
import zephyrdune.set.surface.Finish.Sheen;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Relief;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.colour.Rgb;

/** A surface worked out for rays: of a sheen, or the boundary between two clear substances. */
public final class Material {

    private static final Rgb ALL = new Rgb(1, 1, 1);

    private static final Map<Surface, Material> OF_SURFACES = new EnumMap<>(Surface.class);

    static {
        for (Surface surface : Surface.values()) {
            OF_SURFACES.put(surface, new Material(surface));
        }
    }

    /** A face's back, a hole's rim: sends nothing back. */
    public static final Material BLACK =
            new Material(new Rgb(0, 0, 0), Finish.Sheen.MATTE, 1, 1, 0, null, null, null, null);

    /** Sends everything back, evenly. */
    public static final Material WHITE = new Material(ALL, Finish.Sheen.MATTE, 1, 1, 0, null, null, null, null);

    private static final double CENTIMETRES = 100;

    private final double red;
    private final double green;
    private final double blue;
    private final Sheen sheen;
    private final double alpha;
    private final double index;
    private final double through;
    private final double meanMirrored;
    private final Relief relief;
    private final Diffusion diffusion;
    private final Medium front;
    private final Medium back;

    private Material(Surface surface) {
        this(
                surface.colour(),
                surface.finish().sheen(),
                surface.finish().roughness() * surface.finish().roughness(),
                surface.finish().index(),
                surface.finish().through(),
                surface.relief(),
                surface.finish().meanFreePath() == 0
                        ? null
                        : Diffusion.of(surface.finish().meanFreePath(), surface.luminous()),
                null,
                null);
    }

    private Material(
            Rgb colour,
            Sheen sheen,
            double alpha,
            double index,
            double through,
            Relief relief,
            Diffusion diffusion,
            Medium front,
            Medium back) {
        red = colour.red();
        green = colour.green();
        blue = colour.blue();
        this.sheen = sheen;
        this.alpha = alpha;
        this.index = index;
        this.through = through;
        this.relief = relief;
        this.diffusion = diffusion;
        this.front = front;
        this.back = back;
        meanMirrored = sheen == Sheen.COATED ? Fresnel.meanMirrored(index) : 0;
    }

    public static Material of(Surface surface) {
        return OF_SURFACES.get(surface);
    }

    /**
     * The smooth boundary between two clear substances.
     *
     * @param front on the side of the normal; null for air
     * @param back on the other side; null for air
     */
    public static Material boundary(Medium front, Medium back) {
        return boundary(front, back, null);
    }

    /** The outside of something cold in air, with drops on it. */
    public static Material wetBoundary(Medium back) {
        return boundary(null, back, Relief.CONDENSATION);
    }

    private static Material boundary(Medium front, Medium back, Relief relief) {
        return new Material(ALL, null, 0, index(back) / index(front), 0, relief, null, front, back);
    }

    private static double index(Medium medium) {
        return medium == null ? 1 : medium.index();
    }

    /** Whether light passes it, bent. */
    public boolean clear() {
        return sheen == null;
    }

    public boolean metal() {
        return sheen == Sheen.METAL;
    }

    public boolean coated() {
        return sheen == Sheen.COATED;
    }

    /** Whether what it mirrors is a sharp image. */
    public boolean polished() {
        return alpha < Ggx.POLISHED;
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

    /** Width of the microfacet distribution. */
    public double alpha() {
        return alpha;
    }

    /** Refractive index of the coat; of a boundary, that behind over that in front. */
    public double index() {
        return index;
    }

    /** Share of a matte sheet's light that comes out on its other side. */
    public double through() {
        return through;
    }

    /** Relief, or nothing. */
    public Relief relief() {
        return relief;
    }

    /** How far it spreads what gets under it, or null where it comes out where it went in. */
    public Diffusion diffusion() {
        return diffusion;
    }

    /** What one of red, green and blue keeps on its way through a medium; null is air. */
    public static double passed(Medium medium, int channel, double metres) {
        if (medium == null) {
            return 1;
        }
        return Math.pow(medium.passed().channel(channel), metres * CENTIMETRES);
    }

    /** The medium on the side of the normal, or null for air. */
    public Medium front() {
        return front;
    }

    /** The medium on the other side, or null for air. */
    public Medium back() {
        return back;
    }

    /** Share of the light under the coat that gets in and out again, for a pair of directions by their cosines. */
    public double underCoat(double in, double out) {
        return (1 - Fresnel.mirrored(in, index)) * underCoat(out);
    }

    /** The same for light in evenly from all sides, and out in one direction. */
    public double underCoat(double out) {
        return (1 - Fresnel.mirrored(out, index)) / (1 - meanMirrored);
    }

    /** What the mirroring part sends from one direction to another, times the cosine of the former, without its colour. */
    public double mirror(double in, double out, double facet) {
        return Ggx.density(facet, alpha) * Ggx.g2(in, out, alpha) / (4 * out);
    }

    /** How likely, per steradian, {@link Ggx#facet} picks the direction that mirrors one into another. */
    public double mirrorPdf(double out, double facet) {
        return Ggx.density(facet, alpha) * Ggx.g1(out, alpha) / (4 * out);
    }
}
