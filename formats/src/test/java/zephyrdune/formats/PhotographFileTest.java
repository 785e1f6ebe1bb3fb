package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.photograph.KnownLens;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;

public class PhotographFileTest {

    private static final int RED = 0xc04020;
    private static final int GREY = 0x767676;

    /** Grey, but for a red upper left. */
    private static BufferedImage image(int width, int height, int type) {
        BufferedImage image = new BufferedImage(width, height, type);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, 0xff000000 | (x < width / 2 && y < height / 2 ? RED : GREY));
            }
        }
        return image;
    }

    private static byte[] file(BufferedImage image, String kind) throws IOException {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        assertThat(ImageIO.write(image, kind, file)).isTrue();
        return file.toByteArray();
    }

    /** A JPEG file with Exif of one directory: orientation, and in it the focal lengths. */
    private static byte[] withExif(byte[] jpeg, int orientation, int equivalent, int own) {
        ByteBuffer exif = ByteBuffer.allocate(26 + 30 + 8).order(ByteOrder.LITTLE_ENDIAN);
        exif.put(new byte[] {'I', 'I', 42, 0}).putInt(8);
        exif.putShort((short) 2);
        exif.putShort((short) 0x0112).putShort((short) 3).putInt(1).putInt(orientation);
        exif.putShort((short) 0x8769).putShort((short) 4).putInt(1).putInt(38);
        exif.putInt(0);
        exif.position(38);
        // lengths in the sub-directory: a rational, then a short
        ByteBuffer sub = ByteBuffer.allocate(2 + 24 + 4 + 8).order(ByteOrder.LITTLE_ENDIAN);
        sub.putShort((short) 2);
        sub.putShort((short) 0x920A).putShort((short) 5).putInt(1).putInt(38 + 30);
        sub.putShort((short) 0xA405).putShort((short) 3).putInt(1).putInt(equivalent);
        sub.putInt(0).putInt(own).putInt(1);
        byte[] whole = Arrays.copyOf(exif.array(), 38 + sub.capacity());
        System.arraycopy(sub.array(), 0, whole, 38, sub.capacity());
        byte[] name = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer file = ByteBuffer.allocate(jpeg.length + 4 + name.length + whole.length);
        file.put(jpeg, 0, 2).putShort((short) 0xffe1).putShort((short) (2 + name.length + whole.length));
        return file.put(name).put(whole).put(jpeg, 2, jpeg.length - 2).array();
    }

    /**
     * A raw file as TIFF/EP has it: a thumbnail in the first directory; in two below it the sensor's own values as lossless JPEG, told by its frame
     * header alone, and the picture as the camera made it.
     */
    private static byte[] raw(byte[] picture, byte[] sensor) {
        int small = 8;
        ByteBuffer file =
                ByteBuffer.allocate(1000 + sensor.length + picture.length).order(ByteOrder.LITTLE_ENDIAN);
        file.put(new byte[] {'I', 'I', 42, 0}).putInt(8);
        file.putShort((short) 11);
        directoryOf(file, small, small, 1, 500, 3 * small * small);
        entry(file, 0x0102, 3, 3, 480);
        entry(file, 0x0112, 3, 1, 6);
        entry(file, 0x0115, 3, 1, 3);
        entry(file, 0x014A, 4, 2, 490);
        file.putInt(0);
        file.position(480);
        file.putShort((short) 8).putShort((short) 8).putShort((short) 8);
        file.position(490);
        file.putInt(200).putInt(320);
        file.position(200);
        file.putShort((short) 7);
        directoryOf(file, 4000, 3000, 7, 1000, sensor.length);
        file.putInt(0);
        file.position(320);
        file.putShort((short) 7);
        directoryOf(file, 300, 200, 7, 1000 + sensor.length, picture.length);
        file.putInt(0);
        file.position(1000);
        return file.put(sensor).put(picture).array();
    }

    private static void directoryOf(ByteBuffer file, int width, int height, int compression, int at, int bytes) {
        entry(file, 0x0100, 3, 1, width);
        entry(file, 0x0101, 3, 1, height);
        entry(file, 0x0103, 3, 1, compression);
        entry(file, 0x0106, 3, 1, 2);
        entry(file, 0x0111, 4, 1, at);
        entry(file, 0x0116, 3, 1, height);
        entry(file, 0x0117, 4, 1, bytes);
    }

    private static void entry(ByteBuffer file, int tag, int type, int count, int value) {
        file.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }

    /** A lossless JPEG's markers (ITU-T T.81, SOF3) of 4000 x 3000: more pixels than the picture, and none to look at. */
    private static byte[] lossless() {
        ByteBuffer sensor = ByteBuffer.allocate(17);
        sensor.putShort((short) 0xffd8)
                .putShort((short) 0xffc3)
                .putShort((short) 11)
                .put((byte) 14);
        sensor.putShort((short) 3000).putShort((short) 4000).put((byte) 1).put(new byte[] {1, 0x11, 0});
        return sensor.putShort((short) 0xffd9).array();
    }

    /** Upright by the raw file's own orientation: the red corner that lies upper left comes upper right. */
    @Test
    public void thePictureWithinARawFileIsRead() throws Exception {
        byte[] picture = file(image(300, 200, BufferedImage.TYPE_INT_RGB), "jpeg");
        PhotographFile read = PhotographFile.read(raw(picture, lossless()));
        assertThat(read.width()).isEqualTo(200);
        assertThat(read.height()).isEqualTo(300);
        assertRed(read.picture(), 0.75, 0.25);
    }

    private static void assertRed(Picture picture, double across, double down) {
        int column = (int) (across * picture.width());
        int row = (int) (down * picture.height());
        assertThat(picture.at(column, row, 0)).isCloseTo(Srgb.decode(0xc0 / 255.0), within(0.02));
        assertThat(picture.at(column, row, 2)).isCloseTo(Srgb.decode(0x20 / 255.0), within(0.02));
    }

    @DataProvider
    public Object[][] kinds() {
        return new Object[][] {
            {"jpeg", BufferedImage.TYPE_INT_RGB},
            {"png", BufferedImage.TYPE_INT_RGB},
            {"png", BufferedImage.TYPE_INT_ARGB},
            {"tiff", BufferedImage.TYPE_INT_RGB}
        };
    }

    @Test(dataProvider = "kinds")
    public void photographsAreReadAsLight(String kind, int type) throws Exception {
        PhotographFile read = PhotographFile.read(file(image(300, 200, type), kind));
        assertThat(read.picture().width()).isEqualTo(300);
        assertThat(read.lens()).isEmpty();
        assertRed(read.picture(), 0.25, 0.25);
        assertThat(read.picture().at(250, 150, 1)).isCloseTo(Srgb.decode(0x76 / 255.0), within(0.005));
    }

    @Test
    public void sixteenBitsAreRead() throws Exception {
        BufferedImage deep = new BufferedImage(40, 30, BufferedImage.TYPE_USHORT_GRAY);
        deep.getRaster().setSample(5, 5, 0, 65_535);
        PhotographFile read = PhotographFile.read(file(deep, "png"));
        assertThat(read.picture().luminance(5 * 40 + 5)).isCloseTo(1, within(0.01));
        assertThat(read.picture().luminance(0)).isZero();
    }

    @Test
    public void largePicturesAreReduced() throws Exception {
        PhotographFile read = PhotographFile.read(file(image(5000, 2500, BufferedImage.TYPE_INT_RGB), "jpeg"));
        assertThat(read.picture().width()).isEqualTo(1600);
        assertThat(read.picture().height()).isEqualTo(800);
        assertRed(read.picture(), 0.2, 0.2);
        PhotographFile again = PhotographFile.read(read.jpeg());
        assertRed(again.picture(), 0.2, 0.2);
    }

    /** Where the upper left of what is stored belongs, by CIPA DC-008's table of orientations (from memory). */
    @DataProvider
    public Object[][] orientations() {
        return new Object[][] {
            {1, 0.25, 0.25}, {2, 0.75, 0.25}, {3, 0.75, 0.75}, {4, 0.25, 0.75},
            {5, 0.25, 0.25}, {6, 0.75, 0.25}, {7, 0.75, 0.75}, {8, 0.25, 0.75}
        };
    }

    @Test(dataProvider = "orientations")
    public void everyOrientationComesUpright(int orientation, double across, double down) throws Exception {
        byte[] jpeg = file(image(300, 200, BufferedImage.TYPE_INT_RGB), "jpeg");
        PhotographFile read = PhotographFile.read(withExif(jpeg, orientation, 75, 50));
        assertThat(read.picture().width()).isEqualTo(orientation > 4 ? 200 : 300);
        assertRed(read.picture(), across, down);
        assertThat(read.lens()).contains(new KnownLens(0.075, 0.05));
    }

    @Test
    public void whatExifCannotMeanIsLeftOut() throws Exception {
        byte[] jpeg = file(image(300, 200, BufferedImage.TYPE_INT_RGB), "jpeg");
        PhotographFile read = PhotographFile.read(withExif(jpeg, 77, 65_535, 0));
        assertThat(read.lens()).isEmpty();
        assertRed(read.picture(), 0.25, 0.25);
    }

    /** A PNG file that says it is larger than any memory. */
    private static byte[] bomb() {
        ByteBuffer head = ByteBuffer.allocate(17);
        head.put("IHDR".getBytes(StandardCharsets.US_ASCII)).putInt(50_000).putInt(50_000);
        head.put(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(head.array());
        return ByteBuffer.allocate(8 + 4 + 17 + 4)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'})
                .putInt(13)
                .put(head.array())
                .putInt((int) sum.getValue())
                .array();
    }

    @DataProvider
    public Object[][] broken() throws IOException {
        byte[] jpeg = file(image(600, 400, BufferedImage.TYPE_INT_RGB), "jpeg");
        byte[] png = file(image(600, 400, BufferedImage.TYPE_INT_RGB), "png");
        byte[] tiff = file(image(600, 400, BufferedImage.TYPE_INT_RGB), "tiff");
        return new Object[][] {
            {new byte[0], "no photograph"},
            {"GIF89a".getBytes(StandardCharsets.US_ASCII), "no photograph"},
            {Arrays.copyOf(jpeg, jpeg.length / 2), "cut off or damaged"},
            {Arrays.copyOf(png, png.length / 2), "cut off or damaged"},
            {Arrays.copyOf(tiff, tiff.length / 2), "cut off or damaged"},
            {Arrays.copyOf(jpeg, 4), "cut off or damaged"},
            {bomb(), "2,500,000,000 pixels"}
        };
    }

    @Test(dataProvider = "broken")
    public void whatCannotBeReadSaysSo(byte[] file, String words) {
        assertThatThrownBy(() -> PhotographFile.read(file))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining(words);
    }

    /** Cyan, magenta, yellow and black, as printers have it. */
    @Test
    public void pressColoursAreRead() throws Exception {
        PhotographFile read = PhotographFile.read(CmykJpeg.grey());
        assertThat(read.picture().width()).isEqualTo(16);
        double red = read.picture().at(8, 8, 0);
        assertThat(red).isBetween(0.05, 0.6);
        assertThat(read.picture().at(8, 8, 2)).isCloseTo(red, within(0.15));
    }
}
