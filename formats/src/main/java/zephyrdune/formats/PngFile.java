package zephyrdune.formats;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import zephyrdune.picture.Picture;

/** A picture as an 8-bit PNG file in sRGB. */
public final class PngFile {

    private PngFile() {}

    public static byte[] write(Picture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_3BYTE_BGR);
        byte[] codes = picture.srgb();
        int[] row = new int[3 * picture.width()];
        for (int y = 0; y < picture.height(); y++) {
            for (int i = 0; i < row.length; i++) {
                row[i] = codes[y * row.length + i] & 0xff;
            }
            image.getRaster().setPixels(0, y, picture.width(), 1, row);
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream(picture.width() * picture.height());
        try {
            ImageIO.write(image, "png", file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.toByteArray();
    }
}
