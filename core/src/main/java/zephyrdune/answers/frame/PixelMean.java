package zephyrdune.answers.frame;

import zephyrdune.render.picture.Picture;

/**
 * What the pixels round a place of a frame show together.
 *
 * @param light mean linear luminance, 1 for the brightest that sRGB can say
 * @param uneven standard deviation of it over its mean
 * @param across where the middle of the pixels lies, as a share of the frame's width
 * @param count of the pixels
 * @param clipped share of them that are as bright as the file can say
 */
public record PixelMean(double light, double uneven, double across, int count, double clipped) {

    /** The pixels of a rectangle, in pixels either way of a place. */
    public static PixelMean ofRectangle(FrameFile file, double across, double down, double wide, double high) {
        return of(file, across, down, wide, high, false);
    }

    /** The pixels of a disc. */
    static PixelMean ofDisc(FrameFile file, double across, double down, double radius) {
        return of(file, across, down, radius, radius, true);
    }

    private static PixelMean of(FrameFile file, double across, double down, double wide, double high, boolean round) {
        Picture frame = file.picture();
        double x = across * frame.width() - 0.5;
        double y = down * frame.height() - 0.5;
        double sum = 0;
        double squares = 0;
        double columns = 0;
        int count = 0;
        int clipped = 0;
        for (int row = first(y - high); row <= Math.min(frame.height() - 1, y + high); row++) {
            for (int column = first(x - wide); column <= Math.min(frame.width() - 1, x + wide); column++) {
                if (round && Math.hypot(column - x, row - y) > wide) {
                    continue;
                }
                double light = file.curve().luminance(frame, row * frame.width() + column);
                sum += light;
                squares += light * light;
                columns += column + 0.5;
                clipped += frame.full(column, row) ? 1 : 0;
                count++;
            }
        }
        double mean = sum / count;
        double spread = Math.sqrt(Math.max(0, squares / count - mean * mean));
        return new PixelMean(
                mean, mean > 0 ? spread / mean : 0, columns / count / frame.width(), count, (double) clipped / count);
    }

    private static int first(double from) {
        return (int) Math.max(0, Math.ceil(from));
    }
}
