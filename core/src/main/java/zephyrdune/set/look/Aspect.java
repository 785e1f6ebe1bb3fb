package zephyrdune.set.look;

import zephyrdune.units.measure.Limit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;

/**
 * What a look may ask for, with the words for what misses it. All steps are common practice, no published source.
 *
 * <p>A step is about what one begins to mind: half an hour round the clock, ten degrees of height, a third of a stop.
 */
public enum Aspect {
    DIRECTION(
            "Direction",
            Unit.CLOCK_RADIAN,
            "too far behind",
            "too far in front",
            Math.PI / 12,
            false,
            DirectionBand.class,
            DirectionBand::new),
    HEIGHT("Height", Unit.RADIAN, "too low", "too high", Math.PI / 18, false, HeightBand.class, HeightBand::new),
    SIZE("Size to distance", Unit.RATIO, "too small", "too large", 0.4, true, SizeBand.class, SizeBand::new),
    EDGE("Shadow edge", Unit.RATIO, "too hard", "too soft", 0.4, true, EdgeBand.class, EdgeBand::new),
    SHADOW_DEPTH(
            "Shadow depth",
            Unit.STOP,
            "too open",
            "too deep",
            1.0 / 3,
            false,
            ShadowDepthBand.class,
            ShadowDepthBand::new),
    CONTRAST(
            "Lit side to shadow side",
            Unit.STOP,
            "too flat",
            "too harsh",
            1.0 / 3,
            false,
            ContrastBand.class,
            ContrastBand::new),
    BACKDROP("Background", Unit.STOP, "too dark", "too light", 1.0 / 3, false, BackdropBand.class, BackdropBand::new),
    FALL_OFF("Fall-off", Unit.STOP, "too even", "too steep", 1.0 / 3, false, FallOffBand.class, FallOffBand::new),
    PATTERN("Pattern", Unit.RATIO, "too faint", "too strong", 0.15, false, PatternBand.class, PatternBand::new),
    BIAS("Exposure", Unit.STOP, "too dark", "too bright", 1.0 / 3, false, BiasBand.class, BiasBand::new),
    SHADE_TINT(
            "Tint of the shade",
            Unit.MIRED,
            "too cold",
            "too warm",
            25,
            false,
            ShadeTintBand.class,
            ShadeTintBand::new),
    HIGHLIGHT(
            "Highlight",
            Unit.CLOCK_RADIAN,
            "too far behind",
            "too far in front",
            Math.PI / 12,
            false,
            HighlightBand.class,
            HighlightBand::new);

    /** Of what is seen as a ratio, smaller values look alike. */
    private static final double LEAST_RATIO = 0.02;

    private final String title;
    private final Unit unit;
    private final String below;
    private final String above;
    private final double step;
    private final boolean doubling;
    private final Limit limit;
    private final Maker maker;

    /** A band of some aspect from its ends. */
    private interface Maker {
        Band band(double from, double to);
    }

    Aspect(
            String title,
            Unit unit,
            String below,
            String above,
            double step,
            boolean doubling,
            Class<? extends Record> band,
            Maker maker) {
        limit = Limits.of(band, band.getRecordComponents()[0]);
        this.maker = maker;
        this.title = title;
        this.unit = unit;
        this.below = below;
        this.above = above;
        this.step = step;
        this.doubling = doubling;
    }

    public String title() {
        return title;
    }

    public Unit unit() {
        return unit;
    }

    /** What a value under its band is. */
    public String below() {
        return below;
    }

    /** What a value over its band is. */
    public String above() {
        return above;
    }

    /** How far one value is from another, in steps that one begins to mind; what is seen as a ratio by its doublings. */
    public double steps(double from, double to) {
        double apart =
                doubling ? Math.log(Math.max(LEAST_RATIO, to) / Math.max(LEAST_RATIO, from)) / Math.log(2) : to - from;
        return apart / step;
    }

    /** A band that everything lies in. */
    public Band open() {
        return maker.band(limit.min(), limit.max());
    }

    /** A band of a step to either side of a value, as far as its limits go. */
    public Band round(double value) {
        return round(value, 1);
    }

    /** A band of so many steps to either side of a value, as far as its limits go. */
    public Band round(double value, double steps) {
        double way = Math.pow(2, steps * step);
        double from = doubling ? value / way : value - steps * step;
        double to = doubling ? value * way : value + steps * step;
        return maker.band(limit.nearest(from), limit.nearest(to));
    }
}
