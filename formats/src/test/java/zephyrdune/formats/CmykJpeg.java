package zephyrdune.formats;

import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** A JPEG file of four channels. */
final class CmykJpeg {

    private static final int SIZE = 16;

    private CmykJpeg() {}

    /** Grey by half of black. */
    static byte[] grey() throws IOException {
        WritableRaster raster = Raster.createInterleavedRaster(0, SIZE, SIZE, 4, null);
        int[] half = {0, 0, 0, 128};
        for (int i = 0; i < SIZE * SIZE; i++) {
            raster.setPixel(i % SIZE, i / SIZE, half);
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream output = ImageIO.createImageOutputStream(file)) {
            writer.setOutput(output);
            writer.write(null, new IIOImage(raster, null, null), null);
        } finally {
            writer.dispose();
        }
        return file.toByteArray();
    }
}
