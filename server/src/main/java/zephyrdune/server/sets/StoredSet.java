package zephyrdune.server.sets;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A set as it was last saved, in the newest version of its file.
 *
 * @param version goes up by one with every save
 */
public record StoredSet(
        UUID id,
        int version,
        Instant updatedAt,
        @Schema(ref = "#/components/schemas/TableSet") JsonNode set) {

    /** What a list of sets shows of one. */
    public record Summary(UUID id, int version, Instant updatedAt, Optional<Instant> openedAt, String title) {}

    /** What a list of deleted sets shows of one. */
    public record Deleted(UUID id, Instant deletedAt, String title) {}
}
