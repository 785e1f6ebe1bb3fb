package zephyrdune.server.backup;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** Everything that is kept, at one moment. */
record Kept(List<KeptSet> sets, Optional<KeptKit> kit, List<DoneOnce> doneOnce) {

    Kept {
        sets = List.copyOf(sets);
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

    record KeptKit(int version, OffsetDateTime updatedAt, JsonNode document) {}

    /** Something that is done once in the life of a database, such as putting the demo sets in. */
    record DoneOnce(String what, OffsetDateTime doneAt) {}
}
