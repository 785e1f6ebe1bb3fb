package zephyrdune.formats;

import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.tiff.IFD;
import com.twelvemonkeys.imageio.metadata.tiff.Rational;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFEntry;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.stream.ImageOutputStream;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;

/**
 * What a camera writes into its JPEG files of how they were taken (Exif, CIPA DC-008).
 *
 * @param camera its model
 * @param at time by the camera's clock, which knows no zone
 * @param aperture f-number as marked
 * @param shutter seconds as marked
 * @param speed ISO
 * @param focalLength metres
 * @param equivalentFocalLength for a frame 36 mm wide, metres
 * @param flash whether one fired
 */
public record CameraExif(
        String camera,
        LocalDateTime at,
        double aperture,
        double shutter,
        double speed,
        double focalLength,
        double equivalentFocalLength,
        boolean flash) {

    /** Tags of Exif, and of its part of a file. */
    private static final int MODEL = 0x0110;

    private static final int ORIENTATION = 0x0112;

    private static final int EXPOSURE_TIME = 0x829a;
    private static final int F_NUMBER = 0x829d;
    private static final int SPEED = 0x8827;
    private static final int TAKEN_AT = 0x9003;
    private static final int FLASH = 0x9209;
    private static final int FOCAL_LENGTH = 0x920a;
    private static final int EQUIVALENT = 0xa405;

    static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy:MM:dd HH:mm:ss");
    private static final byte[] NAME = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
    private static final double FULL_FRAME = 0.036;
    private static final int PARTS = 1000;
    private static final int START_OF_IMAGE = 2;
    private static final int MOST_SPEED = 65_535;

    /** Of a frame that a set's camera takes. */
    public static CameraExif of(TableSet set, String camera, LocalDateTime at) {
        Exposure exposure = set.exposure();
        double focal = set.camera().focalLength();
        return new CameraExif(
                camera,
                at,
                exposure.aperture(),
                exposure.shutter(),
                exposure.speed(),
                focal,
                focal * FULL_FRAME / set.camera().sensorWidth(),
                set.light().source().flash());
    }

    /** A JPEG file with this in it. */
    public byte[] in(byte[] jpeg) {
        byte[] tiff = tiff();
        int length = 2 + NAME.length + tiff.length;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, START_OF_IMAGE);
        out.writeBytes(new byte[] {(byte) 0xff, (byte) 0xe1, (byte) (length >> 8), (byte) length});
        out.writeBytes(NAME);
        out.writeBytes(tiff);
        out.write(jpeg, START_OF_IMAGE, jpeg.length - START_OF_IMAGE);
        return out.toByteArray();
    }

    private byte[] tiff() {
        List<Entry> taken = List.of(
                new TIFFEntry(EXPOSURE_TIME, time()),
                new TIFFEntry(F_NUMBER, parts(aperture)),
                new TIFFEntry(SPEED, TIFF.TYPE_SHORT, (int) Math.min(MOST_SPEED, Math.round(speed))),
                new TIFFEntry(TAKEN_AT, TIFF.TYPE_ASCII, TIME.format(at)),
                new TIFFEntry(FLASH, TIFF.TYPE_SHORT, flash ? 1 : 0),
                new TIFFEntry(FOCAL_LENGTH, parts(1000 * focalLength)),
                new TIFFEntry(EQUIVALENT, TIFF.TYPE_SHORT, (int) Math.round(1000 * equivalentFocalLength)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream file = ImageIO.createImageOutputStream(out)) {
            new TIFFWriter()
                    .write(
                            List.of(
                                    new TIFFEntry(MODEL, TIFF.TYPE_ASCII, camera),
                                    new TIFFEntry(ORIENTATION, TIFF.TYPE_SHORT, 1),
                                    new TIFFEntry(TIFF.TAG_EXIF_IFD, TIFF.TYPE_LONG, new IFD(taken))),
                            file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private Rational time() {
        return shutter < 1 ? new Rational(PARTS, Math.round(PARTS / shutter)) : parts(shutter);
    }

    private static Rational parts(double value) {
        return new Rational(Math.round(PARTS * value), PARTS);
    }
}
