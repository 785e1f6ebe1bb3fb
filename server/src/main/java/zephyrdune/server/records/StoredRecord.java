package zephyrdune.server.records;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import zephyrdune.shoot.log.LightSide;

/**
 * A take or a test frame in the log.
 *
 * @param name a take's name, or the name of a frame's file
 * @param setTitle of its set as it is called now
 * @param shoot title of the latest shoot that its set is photographed at, and whose it is
 * @param words that its light is found by
 */
record StoredRecord(
        UUID id,
        RecordKind kind,
        UUID setId,
        String setTitle,
        String name,
        Instant at,
        LightSide side,
        List<RecordedReading> readings,
        List<String> words,
        String notes,
        int rating,
        Optional<String> shoot,
        Optional<String> client) {

    /** What was kept. */
    enum RecordKind {
        TAKE,
        FRAME
    }
}
