package zephyrdune.formats;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.photograph.KnownLens;
import zephyrdune.render.picture.Picture;

/**
 * A photograph as a file: JPEG, PNG, TIFF, of which the first picture is read, or the JPEG within a raw file that is built as TIFF; upright, and no larger than is needed to mark and measure.
 *
 * @param picture as light: sRGB undone
 * @param lens as far as Exif tells; so with all that follows
 * @param camera its make and model; empty where the file does not name them
 * @param takenAt by the camera's clock, which knows no zone
 */
public record PhotographFile(
        Picture picture,
        Optional<KnownLens> lens,
        CameraSettings settings,
        String camera,
        Optional<LocalDateTime> takenAt) {

    /** Longest file read, bytes. */
    public static final int LONGEST_FILE = 60_000_000;

    /** Most pixels read. */
    public static final long MOST_PIXELS = 80_000_000;

    /** Longest side that is kept, pixels. */
    static final int LONGEST = 1600;

    /** Larger pictures are read with pixels left out, as long as so many times what is kept remain. */
    private static final double SPARE = 1.5;

    private static final float QUALITY = 0.92f;

    /**
     * Reads a photograph.
     *
     * @throws BadFile for what is no picture, cut off, or too large
     */
    public static PhotographFile read(byte[] file) throws BadFile {
        if (file.length > LONGEST_FILE) {
            throw bad("This file has more than %,d bytes, too many for a photograph; save it smaller"
                    .formatted(LONGEST_FILE));
        }
        PhotographExif exif = PhotographExif.of(file);
        String kind = kind(file);
        Optional<byte[]> preview = kind.equals("tiff") ? preview(file) : Optional.empty();
        BufferedImage image = preview.isPresent() ? decode(preview.get(), "jpeg") : decode(file, kind);
        return new PhotographFile(
                Reduced.of(Rgb8.of(image), exif.orientation(), LONGEST),
                exif.lens(),
                exif.settings(),
                exif.camera(),
                exif.takenAt());
    }

    /** The JPEG within a raw file, where it shows more than the first picture of the file does. */
    private static Optional<byte[]> preview(byte[] file) {
        return RawPreview.largest(file)
                .filter(preview -> preview.pixels() > pixelsOfFirst(file))
                .map(RawPreview::file);
    }

    /** None of a picture that cannot be read. */
    private static long pixelsOfFirst(byte[] file) {
        ImageReader reader = ImageIO.getImageReadersByFormatName("tiff").next();
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(input, true, true);
            return (long) reader.getWidth(0) * reader.getHeight(0);
        } catch (IOException | RuntimeException unreadable) {
            return 0;
        } finally {
            reader.dispose();
        }
    }

    private static String kind(byte[] file) throws BadFile {
        if (begins(file, 0xff, 0xd8, 0xff)) {
            return "jpeg";
        }
        if (begins(file, 0x89, 'P', 'N', 'G')) {
            return "png";
        }
        if (begins(file, 'I', 'I', 42, 0) || begins(file, 'M', 'M', 0, 42)) {
            return "tiff";
        }
        throw bad(
                "This is no photograph that can be read: send a JPEG, PNG or TIFF file, or a raw file that is built as TIFF, as DNG is");
    }

    private static boolean begins(byte[] file, int... with) {
        for (int i = 0; i < with.length; i++) {
            if (i >= file.length || (file[i] & 255) != with[i]) {
                return false;
            }
        }
        return true;
    }

    private static BufferedImage decode(byte[] file, String kind) throws BadFile {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(kind);
        ImageReader reader = readers.next();
        boolean[] cut = {false};
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(input, true, true);
            reader.addIIOReadWarningListener((source, warning) -> cut[0] |= cutOff(warning));
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                throw new BadFile(
                        "file",
                        "%d x %d".formatted(reader.getWidth(0), reader.getHeight(0)),
                        "This photograph has %,d pixels; at most %,d are read, so save it smaller"
                                .formatted(pixels, MOST_PIXELS));
            }
            ImageReadParam asked = reader.getDefaultReadParam();
            int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
            int every = Math.max(1, (int) (longest / (SPARE * LONGEST)));
            asked.setSourceSubsampling(every, every, 0, 0);
            BufferedImage image = reader.read(0, asked);
            if (cut[0]) {
                throw damaged();
            }
            return image;
        } catch (IOException | RuntimeException broken) {
            throw damaged();
        } finally {
            reader.dispose();
        }
    }

    private static boolean cutOff(String warning) {
        String words = warning.toLowerCase(Locale.ROOT);
        return words.contains("premature") || words.contains("truncat") || words.contains("end of");
    }

    private static BadFile damaged() {
        return bad("This photograph is cut off or damaged; copy it anew from where it came");
    }

    private static BadFile bad(String what) {
        return new BadFile("file", "", what);
    }

    /** Pixels that are kept across. */
    public int width() {
        return picture.width();
    }

    /** Pixels that are kept down. */
    public int height() {
        return picture.height();
    }

    /** The reduced picture as a JPEG file, to look at and to keep. */
    public byte[] jpeg() {
        return jpeg(picture);
    }

    /** A photograph as a JPEG file, to look at. */
    public static byte[] jpeg(Picture picture) {
        return JpegFile.write(picture, QUALITY);
    }
}
