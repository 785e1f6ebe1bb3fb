package zephyrdune.formats;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.photograph.KnownLens;
import zephyrdune.units.measure.Refused;

/**
 * What Exif (CIPA DC-008) says of a photograph, as far as it can be true.
 *
 * @param orientation 1 to 8 as Exif has it; 1 is upright
 * @param camera its make and model; empty where it says nothing
 * @param takenAt by the camera's clock, which knows no zone
 */
record PhotographExif(
        int orientation,
        Optional<KnownLens> lens,
        CameraSettings settings,
        String camera,
        Optional<LocalDateTime> takenAt) {

    private static final int UPRIGHT = 1;
    private static final int MOST = 8;
    private static final int LONGEST_NAME = 80;
    private static final double MILLIMETRE = 1e-3;

    private static final PhotographExif NONE =
            new PhotographExif(UPRIGHT, Optional.empty(), CameraSettings.UNTOLD, "", Optional.empty());

    static PhotographExif of(byte[] file) {
        try {
            Metadata found = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length);
            return new PhotographExif(orientation(found), lens(found), settings(found), camera(found), takenAt(found));
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return NONE;
        }
    }

    private static int orientation(Metadata metadata) {
        int stated = (int) number(metadata, ExifIFD0Directory.class, ExifIFD0Directory.TAG_ORIENTATION)
                .orElse(UPRIGHT);
        return stated < UPRIGHT || stated > MOST ? UPRIGHT : stated;
    }

    /** Nothing where it says nothing, or what no lens has. */
    private static Optional<KnownLens> lens(Metadata metadata) {
        OptionalDouble equivalent =
                number(metadata, ExifSubIFDDirectory.class, ExifSubIFDDirectory.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH);
        OptionalDouble own = number(metadata, ExifSubIFDDirectory.class, ExifSubIFDDirectory.TAG_FOCAL_LENGTH);
        if (equivalent.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(new KnownLens(
                    equivalent.getAsDouble() * MILLIMETRE, own.orElse(equivalent.getAsDouble()) * MILLIMETRE));
        } catch (Refused untrue) {
            return Optional.empty();
        }
    }

    private static CameraSettings settings(Metadata metadata) {
        return new CameraSettings(
                told(metadata, ExifSubIFDDirectory.TAG_FNUMBER),
                told(metadata, ExifSubIFDDirectory.TAG_EXPOSURE_TIME),
                told(metadata, ExifSubIFDDirectory.TAG_ISO_EQUIVALENT));
    }

    /** Model, after the make where the model does not name it. */
    private static String camera(Metadata metadata) {
        String make = text(metadata, ExifIFD0Directory.TAG_MAKE);
        String model = text(metadata, ExifIFD0Directory.TAG_MODEL);
        String camera = model.startsWith(make) ? model : make + " " + model;
        return camera.length() > LONGEST_NAME ? camera.substring(0, LONGEST_NAME) : camera;
    }

    private static String text(Metadata metadata, int tag) {
        return metadata.getDirectoriesOfType(ExifIFD0Directory.class).stream()
                .map(directory -> directory.getString(tag))
                .filter(Objects::nonNull)
                .findFirst()
                .map(text -> text.replaceAll("\\p{Cntrl}+", " ").strip())
                .orElse("");
    }

    /** A zero stands for what a camera does not know. */
    private static OptionalDouble told(Metadata metadata, int tag) {
        OptionalDouble found = number(metadata, ExifSubIFDDirectory.class, tag);
        return found.isPresent() && found.getAsDouble() > 0 ? found : OptionalDouble.empty();
    }

    private static Optional<LocalDateTime> takenAt(Metadata metadata) {
        return metadata.getDirectoriesOfType(ExifSubIFDDirectory.class).stream()
                .map(directory -> directory.getString(ExifSubIFDDirectory.TAG_DATETIME_ORIGINAL))
                .filter(Objects::nonNull)
                .findFirst()
                .flatMap(PhotographExif::time);
    }

    private static Optional<LocalDateTime> time(String text) {
        try {
            return Optional.of(LocalDateTime.parse(text.strip(), CameraExif.TIME));
        } catch (DateTimeParseException nonsense) {
            return Optional.empty();
        }
    }

    private static OptionalDouble number(Metadata metadata, Class<? extends Directory> type, int tag) {
        for (Directory directory : metadata.getDirectoriesOfType(type)) {
            if (directory.containsTag(tag)) {
                try {
                    return OptionalDouble.of(directory.getDouble(tag));
                } catch (MetadataException nonsense) {
                    return OptionalDouble.empty();
                }
            }
        }
        return OptionalDouble.empty();
    }
}
