package zephyrdune.formats;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import zephyrdune.render.picture.Picture;

/** Pictures as JPEG files, in sRGB. */
public final class JpegFile {

    private JpegFile() {}

    /** @param quality from 0 to 1 */
    public static byte[] write(Picture picture, float quality) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        byte[] codes = picture.srgb();
        int[] row = new int[picture.width()];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < row.length; x++) {
                int at = 3 * (y * row.length + x);
                row[x] = (codes[at] & 255) << 16 | (codes[at + 1] & 255) << 8 | codes[at + 2] & 255;
            }
            image.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ImageOutputStream output = ImageIO.createImageOutputStream(file)) {
            ImageWriteParam settings = writer.getDefaultWriteParam();
            settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            settings.setCompressionQuality(quality);
            writer.setOutput(output);
            writer.write(null, new IIOImage(image, null, null), settings);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return file.toByteArray();
    }
}
