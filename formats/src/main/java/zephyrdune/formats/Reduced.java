package zephyrdune.formats;

import java.awt.image.BufferedImage;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;

/** A picture turned upright, as light, and averaged down to a longest side. */
final class Reduced {

    private static final float[] LINEAR = linear();

    private Reduced() {}

    private static float[] linear() {
        float[] linear = new float[256];
        for (int code = 0; code < 256; code++) {
            linear[code] = (float) Srgb.decode(code / 255.0);
        }
        return linear;
    }

    /**
     * @param orientation 1 to 8 as in Exif: where the first row and column of the file belong
     */
    static Picture of(BufferedImage image, int orientation, int longest) {
        boolean lying = orientation > 4;
        int fullWidth = lying ? image.getHeight() : image.getWidth();
        int fullHeight = lying ? image.getWidth() : image.getHeight();
        double scale = Math.min(1, longest / (double) Math.max(fullWidth, fullHeight));
        int width = Math.max(1, (int) Math.round(fullWidth * scale));
        int height = Math.max(1, (int) Math.round(fullHeight * scale));
        float[] sums = new float[3 * width * height];
        int[] counts = new int[width * height];
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int x = 0; x < row.length; x++) {
                int across = across(orientation, x, y, image);
                int down = down(orientation, x, y, image);
                int cell =
                        (int) ((long) down * height / fullHeight) * width + (int) ((long) across * width / fullWidth);
                sums[3 * cell] += LINEAR[row[x] >> 16 & 255];
                sums[3 * cell + 1] += LINEAR[row[x] >> 8 & 255];
                sums[3 * cell + 2] += LINEAR[row[x] & 255];
                counts[cell]++;
            }
        }
        for (int i = 0; i < sums.length; i++) {
            sums[i] /= counts[i / 3];
        }
        return new Picture(width, height, sums);
    }

    private static int across(int orientation, int x, int y, BufferedImage image) {
        int right = image.getWidth() - 1 - x;
        int bottom = image.getHeight() - 1 - y;
        return new int[] {x, right, right, x, y, bottom, bottom, y}[orientation - 1];
    }

    private static int down(int orientation, int x, int y, BufferedImage image) {
        int right = image.getWidth() - 1 - x;
        int bottom = image.getHeight() - 1 - y;
        return new int[] {y, y, bottom, bottom, x, x, right, right}[orientation - 1];
    }
}
