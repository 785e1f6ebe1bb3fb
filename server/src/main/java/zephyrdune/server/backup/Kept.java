package zephyrdune.server.backup;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
        List<DoneOnce> doneOnce) {

    Kept {
        sets = List.copyOf(sets);
        takes = List.copyOf(takes);
        frames = List.copyOf(frames);
        meterReadings = List.copyOf(meterReadings);
        toneCurves = List.copyOf(toneCurves);
        photographs = List.copyOf(photographs);
        doneOnce = List.copyOf(doneOnce);
    }

    /** @param deletedAt absent for a set that is not deleted */
    record KeptSet(
            UUID id,
            int version,
            OffsetDateTime createdAt,
            OffsetDateTime updatedAt,
            Optional<OffsetDateTime> deletedAt,
            JsonNode document) {}

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
            JsonNode document) {}

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
            Optional<JsonNode> document) {}

    /**
     * What somebody read off a hand meter on a set that is kept.
     *
     * @param kind as the database has it
     * @param document the set as it stood
     */
    record KeptMeterReading(UUID id, UUID set, String kind, double value, OffsetDateTime readAt, JsonNode document) {}

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

    /** A document of which there is one. */
    record KeptSingle(int version, OffsetDateTime updatedAt, JsonNode document) {}

    /** Something that is done once in the life of a database, such as putting the demo sets in. */
    record DoneOnce(String what, OffsetDateTime doneAt) {}
}
