package zephyrdune.emitter;

import zephyrdune.distribution.Distribution;

/**
 * A panel as bright as the light it gets from a point behind its middle: I cos / d², with the source's own distribution.
 *
 * @param source where the source sends its light; its sides are the panel's
 * @param gap from the source to the panel, metres
 * @param acrossHalf from the panel's centre to the middle of a side, metres
 * @param upHalf from the centre to the middle of the upper side, metres
 */
record LitFromBehind(Distribution source, double gap, double acrossHalf, double upHalf) implements Evenness {

    @Override
    public double at(double across, double up) {
        double x = across * acrossHalf;
        double y = up * upHalf;
        double squared = gap * gap + x * x + y * y;
        double length = Math.sqrt(squared);
        double cosine = gap / length;
        return source.relativeIntensity(x / length, y / length, cosine) * cosine * gap * gap / squared;
    }
}
