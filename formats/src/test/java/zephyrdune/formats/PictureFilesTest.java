package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.twelvemonkeys.imageio.plugins.hdr.HDRImageReadParam;
import com.twelvemonkeys.imageio.plugins.hdr.tonemap.NullToneMapper;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;

/** Picture files, read back by readers that know nothing of this project: the JDK's for PNG, TwelveMonkeys' for Radiance. */
public class PictureFilesTest {

    private static Picture noise(int width, int height, double brightest) {
        Random random = new Random(9);
        float[] linear = new float[3 * width * height];
        for (int i = 0; i < linear.length; i++) {
            linear[i] = (float) (brightest * Math.pow(random.nextDouble(), 4));
        }
        return new Picture(width, height, linear);
    }

    @Test
    public void sixteenBitsAreKept() throws IOException {
        Picture picture = noise(31, 17, 1.1);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(PngFile.writeDeep(picture)));
        Raster raster = read.getRaster();
        assertThat(raster.getSampleModel().getSampleSize(0)).isEqualTo(16);
        for (int i = 0; i < picture.linear().length; i++) {
            int code = raster.getSample(i / 3 % 31, i / 3 / 31, i % 3);
            assertThat((double) code).isCloseTo(65535 * Srgb.encode(picture.linear()[i]), within(0.51));
        }
    }

    @Test
    public void pngsSayTheyAreSrgb() {
        for (byte[] file : new byte[][] {PngFile.write(noise(5, 5, 1)), PngFile.writeDeep(noise(5, 5, 1))}) {
            String text = new String(file, StandardCharsets.ISO_8859_1);
            assertThat(text).startsWith("\u0089PNG\r\n\u001a\n").contains("sRGB");
            assertThat(text.indexOf("sRGB")).isLessThan(text.indexOf("IDAT"));
        }
    }

    /** Mantissas of eight bits: within one part in 128 of the brightest channel of a pixel, from deep black to far over white. */
    @Test
    public void radianceKeepsWhatAPngClips() throws IOException {
        Picture picture = noise(40, 30, 700);
        byte[] file = RadianceFile.write(picture, "Lachsgröße \n second line");
        assertThat(new String(file, 0, 40, StandardCharsets.US_ASCII)).startsWith("#?RADIANCE\n# Lachsgr??e ? second");
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in);
            HDRImageReadParam plain = (HDRImageReadParam) reader.getDefaultReadParam();
            plain.setToneMapper(new NullToneMapper());
            Raster read = reader.read(0, plain).getRaster();
            assertThat(read.getWidth()).isEqualTo(40);
            for (int pixel = 0; pixel < 1200; pixel++) {
                float[] linear = picture.linear();
                double most = Math.max(linear[3 * pixel], Math.max(linear[3 * pixel + 1], linear[3 * pixel + 2]));
                for (int channel = 0; channel < 3; channel++) {
                    assertThat(read.getSampleFloat(pixel % 40, pixel / 40, channel))
                            .isCloseTo(linear[3 * pixel + channel], within((float) (most / 128 + 1e-30)));
                }
            }
        }
    }

    /** Every code value's own linear value comes out as that code (IEC 61966-2-1), and so does what is nearest to it. */
    @Test
    public void codesAreTheNearest() {
        for (int code = 0; code < 256; code++) {
            assertThat(Srgb.code(Srgb.decode(code / 255.0))).isEqualTo(code);
            if (code < 255) {
                double between = Srgb.decode((code + 0.5) / 255);
                assertThat(Srgb.code(between * (1 - 1e-9))).isEqualTo(code);
                assertThat(Srgb.code(between * (1 + 1e-9))).isEqualTo(code + 1);
            }
        }
        assertThat(Srgb.code(Double.NaN)).isZero();
        assertThat(Srgb.code(-1)).isZero();
        assertThat(Srgb.code(2)).isEqualTo(255);
    }
}
