package zephyrdune.formats;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import zephyrdune.render.picture.Picture;

/**
 * A picture's linear values as a Radiance RGBE file: three mantissas of 8 bits and a common exponent a pixel (G. Ward, Real pixels, Graphics Gems II, 1991). Pixel values: 1 is the brightest that a camera would not clip.
 */
public final class RadianceFile {

    private static final int BIAS = 128;
    private static final int MANTISSA = 256;

    /** Widths that are written channel by channel. */
    private static final int SHORTEST = 8;

    private static final int LONGEST = 32767;

    /** Most bytes of a run. */
    private static final int RUN = 128;

    private RadianceFile() {}

    /** @param about said in a comment line of the header */
    public static byte[] write(Picture picture, String about) {
        ByteArrayOutputStream file = new ByteArrayOutputStream(4 * picture.width() * picture.height() + 256);
        String header = "#?RADIANCE\n# " + oneLine(about) + "\nFORMAT=32-bit_rle_rgbe\n\n-Y " + picture.height()
                + " +X " + picture.width() + "\n";
        file.writeBytes(header.getBytes(StandardCharsets.US_ASCII));
        byte[] line = new byte[4 * picture.width()];
        byte[] pixel = new byte[4];
        float[] linear = picture.linear();
        for (int row = 0; row < picture.height(); row++) {
            for (int column = 0; column < picture.width(); column++) {
                int at = 3 * (row * picture.width() + column);
                encode(linear[at], linear[at + 1], linear[at + 2], pixel);
                System.arraycopy(pixel, 0, line, 4 * column, 4);
            }
            scanLine(line, picture.width(), file);
        }
        return file.toByteArray();
    }

    /** A scan line channel by channel, in runs that are written out; lines too short or long for that are written flat. */
    private static void scanLine(byte[] line, int width, ByteArrayOutputStream file) {
        if (width < SHORTEST || width > LONGEST) {
            file.writeBytes(line);
            return;
        }
        file.write(2);
        file.write(2);
        file.write(width >> 8);
        file.write(width & 0xff);
        for (int channel = 0; channel < 4; channel++) {
            for (int from = 0; from < width; from += RUN) {
                int length = Math.min(RUN, width - from);
                file.write(length);
                for (int column = from; column < from + length; column++) {
                    file.write(line[4 * column + channel]);
                }
            }
        }
    }

    private static void encode(float red, float green, float blue, byte[] pixel) {
        float most = Math.max(red, Math.max(green, blue));
        if (!(most > Float.MIN_NORMAL)) {
            pixel[0] = 0;
            pixel[1] = 0;
            pixel[2] = 0;
            pixel[3] = 0;
            return;
        }
        int exponent = Math.getExponent(most) + 1;
        float scale = Math.scalb((float) MANTISSA, -exponent);
        pixel[0] = (byte) Math.min(255, (int) (red * scale));
        pixel[1] = (byte) Math.min(255, (int) (green * scale));
        pixel[2] = (byte) Math.min(255, (int) (blue * scale));
        pixel[3] = (byte) (exponent + BIAS);
    }

    private static String oneLine(String text) {
        return text.replaceAll("[^\\x20-\\x7e]", "?");
    }
}
