package zephyrdune.server.looks;

import io.swagger.v3.oas.annotations.media.Schema;
import tools.jackson.databind.JsonNode;

/**
 * The looks that somebody made, as they were last saved.
 *
 * @param version goes up by one with every save; 0 before the first
 */
public record StoredLookbook(
        int version,
        @Schema(ref = "#/components/schemas/Lookbook") JsonNode lookbook) {}
