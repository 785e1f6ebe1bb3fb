package zephyrdune.set.look;

import zephyrdune.units.measure.Refused;

/** What one aspect of a look is to lie in, both ends included. An end at its limit is open. */
public sealed interface Band
        permits DirectionBand,
                HeightBand,
                SizeBand,
                EdgeBand,
                ShadowDepthBand,
                ContrastBand,
                BackdropBand,
                FallOffBand,
                PatternBand,
                BiasBand,
                ShadeTintBand,
                HighlightBand {

    /** In the unit of its aspect. */
    double from();

    /** In the unit of its aspect. */
    double to();

    Aspect aspect();

    /** A value of the aspect that is nearest to another and within. */
    default double nearest(double value) {
        return Math.min(to(), Math.max(from(), value));
    }

    /** @throws Refused where it ends before it begins */
    static void requireUpright(double from, double to) {
        if (from > to) {
            throw new Refused(
                    "from", "This band ends before it begins; its least value must not be above its greatest");
        }
    }
}
