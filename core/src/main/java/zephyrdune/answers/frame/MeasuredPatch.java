package zephyrdune.answers.frame;

import zephyrdune.render.picture.Picture;

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
        Picture frame = file.picture();
        double radius = Math.max(1, reach * frame.width());
        double x = across * frame.width() - 0.5;
        double y = down * frame.height() - 0.5;
        double sum = 0;
        double squares = 0;
        int count = 0;
        int clipped = 0;
        for (int row = first(y - radius); row <= Math.min(frame.height() - 1, y + radius); row++) {
            for (int column = first(x - radius); column <= Math.min(frame.width() - 1, x + radius); column++) {
                if (Math.hypot(column - x, row - y) > radius) {
                    continue;
                }
                double light = file.curve().luminance(frame, row * frame.width() + column);
                sum += light;
                squares += light * light;
                clipped += frame.full(column, row) ? 1 : 0;
                count++;
            }
        }
        double mean = sum / count;
        double spread = Math.sqrt(Math.max(0, squares / count - mean * mean));
        return new MeasuredPatch(
                mean,
                mean > 0 ? spread / mean : 0,
                clipped > MOST_CLIPPED * count,
                mean < file.curve().of(BLACK));
    }

    private static int first(double from) {
        return (int) Math.max(0, Math.ceil(from));
    }
}
