package zephyrdune.formats;

import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;

/** A decoded image with the colours of sRGB, 8 bits to a channel, whatever it was coded in; what is clear becomes white. */
final class Rgb8 {

    private static final int WHITE = 0xffffff;

    private Rgb8() {}

    static BufferedImage of(BufferedImage image) {
        BufferedImage plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        boolean srgb = image.getColorModel().getColorSpace().isCS_sRGB();
        if (!srgb && !image.getColorModel().hasAlpha()) {
            // all at once: pixel by pixel, colour profiles take minutes
            new ColorConvertOp(ColorSpace.getInstance(ColorSpace.CS_sRGB), null).filter(image, plain);
            return plain;
        }
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                row[x] = onWhite(row[x]);
            }
            plain.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        return plain;
    }

    private static int onWhite(int pixel) {
        int covered = pixel >>> 24;
        if (covered == 255) {
            return pixel;
        }
        int mixed = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            int code = ((pixel >> shift & 255) * covered + (WHITE >> shift & 255) * (255 - covered)) / 255;
            mixed |= code << shift;
        }
        return mixed;
    }
}
