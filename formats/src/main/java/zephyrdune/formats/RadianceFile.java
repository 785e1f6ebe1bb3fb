package zephyrdune.formats;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import zephyrdune.picture.Picture;

/**
 * A picture's linear values as a Radiance RGBE file: three mantissas of 8 bits and a common exponent a pixel, flat scan lines
 * (G. Ward, Real pixels, Graphics Gems II, 1991). Pixel values: 1 is the brightest that a camera would not clip.
 */
public final class RadianceFile {

    private static final int BIAS = 128;
    private static final int MANTISSA = 256;

    private RadianceFile() {}

    /** @param about said in a comment line of the header */
    public static byte[] write(Picture picture, String about) {
        ByteArrayOutputStream file = new ByteArrayOutputStream(4 * picture.width() * picture.height() + 256);
        String header = "#?RADIANCE\n# " + oneLine(about) + "\nFORMAT=32-bit_rle_rgbe\n\n-Y " + picture.height()
                + " +X " + picture.width() + "\n";
        file.writeBytes(header.getBytes(StandardCharsets.US_ASCII));
        float[] linear = picture.linear();
        byte[] pixel = new byte[4];
        for (int i = 0; i < linear.length; i += 3) {
            encode(linear[i], linear[i + 1], linear[i + 2], pixel);
            file.writeBytes(pixel);
        }
        return file.toByteArray();
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
