package zephyrdune.formats;

import java.awt.Point;
import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;

/** A picture as a PNG file in sRGB, which its sRGB chunk says (PNG, ISO/IEC 15948, 11.3.3.5). */
public final class PngFile {

    private static final String METADATA = "javax_imageio_png_1.0";
    private static final int DEEPEST = 65535;

    /** Compression that is quick rather than thorough. */
    private static final float QUICK = 0.85f;

    private PngFile() {}

    /** With 8 bits a channel. */
    public static byte[] write(Picture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_3BYTE_BGR);
        byte[] pixels = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        byte[] codes = picture.srgb();
        for (int i = 0; i < codes.length; i += 3) {
            pixels[i] = codes[i + 2];
            pixels[i + 1] = codes[i + 1];
            pixels[i + 2] = codes[i];
        }
        return file(image, codes.length);
    }

    /** With 16 bits a channel. */
    public static byte[] writeDeep(Picture picture) {
        WritableRaster raster = Raster.createInterleavedRaster(
                DataBuffer.TYPE_USHORT, picture.width(), picture.height(), 3, new Point());
        float[] linear = picture.linear();
        int[] row = new int[3 * picture.width()];
        for (int y = 0; y < picture.height(); y++) {
            for (int i = 0; i < row.length; i++) {
                row[i] = (int) Math.round(DEEPEST * Srgb.encode(linear[y * row.length + i]));
            }
            raster.setPixels(0, y, picture.width(), 1, row);
        }
        ComponentColorModel model = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        return file(new BufferedImage(model, raster, false, null), 2 * linear.length);
    }

    private static byte[] file(BufferedImage image, int size) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        ByteArrayOutputStream file = new ByteArrayOutputStream(size / 2 + 1024);
        try (ImageOutputStream out = ImageIO.createImageOutputStream(file)) {
            ImageWriteParam quick = writer.getDefaultWriteParam();
            quick.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            quick.setCompressionQuality(QUICK);
            IIOMetadata metadata =
                    writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), quick);
            IIOMetadataNode root = new IIOMetadataNode(METADATA);
            IIOMetadataNode chunk = new IIOMetadataNode("sRGB");
            chunk.setAttribute("renderingIntent", "Perceptual");
            root.appendChild(chunk);
            metadata.mergeTree(METADATA, root);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, metadata), quick);
        } catch (IIOInvalidTreeException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            writer.dispose();
        }
        return file.toByteArray();
    }
}
