package zephyrdune.server.photographs;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A photograph that somebody keeps.
 *
 * @param client whose look it shows, or nothing
 * @param marks as they were last saved
 */
record KeptPhotograph(
        UUID id,
        String title,
        String client,

        @Schema(ref = "#/components/schemas/PhotographMarks")
        JsonNode marks,

        Instant keptAt) {}
