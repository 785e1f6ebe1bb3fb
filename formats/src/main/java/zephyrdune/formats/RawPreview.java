package zephyrdune.formats;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifThumbnailDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/**
 * The picture that a camera puts into a raw file beside what its sensor measured: a whole JPEG file within a TIFF file (TIFF 6.0; TIFF/EP, ISO
 * 12234-2; of DNG the previews). What the sensor measured may be a JPEG stream too, a lossless one, and is no picture to look at.
 *
 * @param file a JPEG file by itself
 * @param pixels of it
 */
record RawPreview(byte[] file, long pixels) {

    /** The end of the kinds of JPEG that show a picture, as T.81 numbers their frames: baseline, extended and progressive. */
    private static final int LAST_LOSSY = 2;

    /** The largest; nothing where there is none. */
    static Optional<RawPreview> largest(byte[] raw) {
        try {
            Metadata found = ImageMetadataReader.readMetadata(new ByteArrayInputStream(raw), raw.length);
            return found.getDirectoriesOfType(ExifDirectoryBase.class).stream()
                    .flatMap(directory -> in(raw, directory).stream())
                    .max(Comparator.comparingLong(RawPreview::pixels));
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return Optional.empty();
        }
    }

    private static Optional<RawPreview> in(byte[] raw, Directory directory) {
        Optional<RawPreview> whole = at(
                raw,
                directory,
                ExifThumbnailDirectory.TAG_THUMBNAIL_OFFSET,
                ExifThumbnailDirectory.TAG_THUMBNAIL_LENGTH);
        return whole.isPresent()
                ? whole
                : at(raw, directory, ExifDirectoryBase.TAG_STRIP_OFFSETS, ExifDirectoryBase.TAG_STRIP_BYTE_COUNTS);
    }

    private static Optional<RawPreview> at(byte[] raw, Directory directory, int offset, int length) {
        Integer from = directory.getInteger(offset);
        Integer bytes = directory.getInteger(length);
        if (from == null || bytes == null || from < 0 || bytes <= 0 || bytes > raw.length - from) {
            return Optional.empty();
        }
        byte[] file = Arrays.copyOfRange(raw, from, from + bytes);
        try {
            JpegDirectory jpeg = JpegMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(JpegDirectory.class);
            return jpeg == null || jpeg.getInt(JpegDirectory.TAG_COMPRESSION_TYPE) > LAST_LOSSY
                    ? Optional.empty()
                    : Optional.of(new RawPreview(file, (long) jpeg.getImageWidth() * jpeg.getImageHeight()));
        } catch (ImageProcessingException | IOException | MetadataException none) {
            return Optional.empty();
        }
    }
}
