package zephyrdune.answers.frame;

/**
 * What a frame's file says of a round patch, as light.
 *
 * @param light mean linear luminance, 1 for the brightest that can be told
 * @param uneven standard deviation of it over its mean
 * @param clipped whether more than a few of its pixels are as bright as the file can say
 * @param black whether it is as dark as the file can say
 */
record MeasuredPatch(double light, double uneven, boolean clipped, boolean black) {

    private static final double MOST_CLIPPED = 0.02;

    /** Darker than this code of eight bits is the end of them. */
    private static final int BLACK = 2;

    /** @param reach radius, as a share of the picture's width */
    static MeasuredPatch of(FrameFile file, double across, double down, double reach) {
        PixelMean mean = PixelMean.ofDisc(
                file, across, down, Math.max(1, reach * file.picture().width()));
        return new MeasuredPatch(
                mean.light(),
                mean.uneven(),
                mean.clipped() > MOST_CLIPPED,
                mean.light() < file.curve().of(BLACK));
    }
}
