package zephyrdune.server.backup;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Everything that is kept, at one moment. */
record Kept(
        List<KeptSet> sets,
        List<KeptTake> takes,
        List<KeptFrame> frames,
        List<KeptMeterReading> meterReadings,
        List<KeptToneCurve> toneCurves,
        Optional<KeptSingle> kit,
        Optional<KeptSingle> lookbook,
        Optional<KeptSingle> wallTest,
        List<KeptPhotograph> photographs,
        List<KeptShoot> shoots,
        List<KeptNote> notes,
        List<DoneOnce> doneOnce) {

    Kept {
        sets = List.copyOf(sets);
        takes = List.copyOf(takes);
        frames = List.copyOf(frames);
        meterReadings = List.copyOf(meterReadings);
        toneCurves = List.copyOf(toneCurves);
        photographs = List.copyOf(photographs);
        shoots = List.copyOf(shoots);
        notes = List.copyOf(notes);
        doneOnce = List.copyOf(doneOnce);
    }

    /** What belongs to a shoot whose sets, takes, frames and meter readings these are. */
    Kept only(KeptShoot shoot) {
        Set<UUID> own = Stream.concat(
                        takes.stream().map(KeptTake::id), frames.stream().map(KeptFrame::id))
                .collect(Collectors.toSet());
        return new Kept(
                sets,
                takes,
                frames,
                meterReadings,
                List.of(),
                kit,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(shoot),
                notes.stream().filter(note -> own.contains(note.record())).toList(),
                List.of());
    }

    /** @param deletedAt absent for a set that is not deleted */
    record KeptSet(
            UUID id,
            int version,
            OffsetDateTime createdAt,
            OffsetDateTime updatedAt,
            Optional<OffsetDateTime> deletedAt,
            JsonNode document) {

        KeptSet as(UUID anew) {
            return new KeptSet(anew, version, createdAt, updatedAt, deletedAt, document);
        }
    }

    /**
     * A take of a set that is kept.
     *
     * @param off as the database has it
     * @param picture in Base64; empty where there is none yet
     * @param deletedAt absent for one that is not deleted
     */
    record KeptTake(
            UUID id,
            UUID set,
            String name,
            String about,
            String off,
            String picture,
            boolean fine,
            OffsetDateTime madeAt,
            Optional<OffsetDateTime> deletedAt,
            JsonNode document) {

        KeptTake as(UUID anew, UUID ofSet) {
            return new KeptTake(anew, ofSet, name, about, off, picture, fine, madeAt, deletedAt, document);
        }
    }

    /**
     * A test frame of a set that is kept.
     *
     * @param camera as its file names it; empty where it does not
     * @param takenAt by the camera's clock; absent where that is not known, and so with aperture, shutter and speed
     * @param picture in Base64
     * @param deletedAt absent for one that is not deleted
     * @param lit whether the lights were on
     * @param counts whether it counts for what is learnt of the kit; absent where the other frames judge
     * @param registration how it lies on its picture; absent where it is taken as it came in
     * @param document the set as it stood; absent where that is not known
     */
    record KeptFrame(
            UUID id,
            UUID set,
            String name,
            String hash,
            String camera,
            Optional<LocalDateTime> takenAt,
            Optional<Double> aperture,
            Optional<Double> shutter,
            Optional<Double> speed,
            int width,
            int height,
            String picture,
            OffsetDateTime addedAt,
            Optional<OffsetDateTime> deletedAt,
            boolean lit,
            Optional<Boolean> counts,
            Optional<JsonNode> registration,
            Optional<JsonNode> document) {

        KeptFrame as(UUID anew, UUID ofSet) {
            return new KeptFrame(
                    anew,
                    ofSet,
                    name,
                    hash,
                    camera,
                    takenAt,
                    aperture,
                    shutter,
                    speed,
                    width,
                    height,
                    picture,
                    addedAt,
                    deletedAt,
                    lit,
                    counts,
                    registration,
                    document);
        }
    }

    /**
     * What somebody read off a hand meter on a set that is kept.
     *
     * @param kind as the database has it
     * @param document the set as it stood
     */
    record KeptMeterReading(UUID id, UUID set, String kind, double value, OffsetDateTime readAt, JsonNode document) {

        KeptMeterReading as(UUID anew, UUID ofSet) {
            return new KeptMeterReading(anew, ofSet, kind, value, readAt, document);
        }
    }

    /**
     * A camera's tone curve.
     *
     * @param learnt as the database has it
     * @param inUse whether its frames are read by it
     */
    record KeptToneCurve(String camera, String style, OffsetDateTime learntAt, boolean inUse, JsonNode learnt) {}

    /**
     * A photograph to match.
     *
     * @param picture in Base64
     */
    record KeptPhotograph(
            UUID id, String title, String client, String picture, OffsetDateTime keptAt, JsonNode marks) {}

    /** What somebody wrote of a take or frame. */
    record KeptNote(UUID record, String notes, int rating) {}

    /** A document of which there is one. */
    record KeptSingle(int version, OffsetDateTime updatedAt, JsonNode document) {}

    /** Something that is done once in the life of a database, such as putting the demo sets in. */
    record DoneOnce(String what, OffsetDateTime doneAt) {}
}
