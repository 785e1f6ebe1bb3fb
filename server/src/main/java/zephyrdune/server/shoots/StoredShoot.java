package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A shoot as it was last saved.
 *
 * @param version goes up by one with every save
 */
public record StoredShoot(
        UUID id,
        int version,
        Instant updatedAt,
        @Schema(ref = "#/components/schemas/Shoot") JsonNode shoot) {

    /** What a list of shoots shows of one. */
    public record ShootSummary(
            UUID id, int version, Instant updatedAt, String title, String client, String date, int dishes) {}

    /** What a list of deleted shoots shows of one. */
    public record DeletedShoot(UUID id, Instant deletedAt, String title) {}
}
