package zephyrdune.render.picture;

import zephyrdune.units.colour.Luminance;
import zephyrdune.units.exposure.Srgb;

/**
 * A picture as linear pixel values, exposed: 0.18 is a mid grey, 1 the brightest that is not clipped.
 *
 * @param width pixels
 * @param height pixels
 * @param linear red, green, blue of sRGB, row by row from the top
 */
public record Picture(int width, int height, float[] linear) {

    /** Linear value of one channel (0 red, 1 green, 2 blue). */
    public double at(int column, int row, int channel) {
        return linear[3 * (row * width + column) + channel];
    }

    /**
     * Linear value of one channel between the middles of pixels, in straight lines; beyond the picture that of its border.
     *
     * @param across share of the width, from the left
     * @param down share of the height, from the top
     */
    public double between(double across, double down, int channel) {
        double x = across * width - 0.5;
        double y = down * height - 0.5;
        int column = (int) Math.floor(x);
        int row = (int) Math.floor(y);
        double right = x - column;
        double below = y - row;
        return (1 - below) * ((1 - right) * nearest(column, row, channel) + right * nearest(column + 1, row, channel))
                + below
                        * ((1 - right) * nearest(column, row + 1, channel)
                                + right * nearest(column + 1, row + 1, channel));
    }

    private double nearest(int column, int row, int channel) {
        return at(Math.max(0, Math.min(width - 1, column)), Math.max(0, Math.min(height - 1, row)), channel);
    }

    /** Relative luminance of a pixel, by the primaries of sRGB (IEC 61966-2-1). */
    public double luminance(int pixel) {
        return Luminance.of(linear[3 * pixel], linear[3 * pixel + 1], linear[3 * pixel + 2]);
    }

    /** Of values some of which may be below black: more was found blocked there than is there. They are black, in place. */
    static Picture atLeastBlack(int width, int height, float[] linear) {
        for (int i = 0; i < linear.length; i++) {
            linear[i] = Math.max(0, linear[i]);
        }
        return new Picture(width, height, linear);
    }

    /** From this value on a channel of a file may have been more. */
    public static final double FULL = 0.98;

    /** Whether a pixel is as bright as a file can say, in any channel. */
    public boolean full(int column, int row) {
        return at(column, row, 0) >= FULL || at(column, row, 1) >= FULL || at(column, row, 2) >= FULL;
    }

    /** 8-bit sRGB code values (IEC 61966-2-1), three to a pixel. */
    public byte[] srgb() {
        byte[] codes = new byte[linear.length];
        for (int i = 0; i < linear.length; i++) {
            codes[i] = (byte) Srgb.code(linear[i]);
        }
        return codes;
    }
}
