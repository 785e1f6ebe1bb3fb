package zephyrdune.server.kit;

import io.swagger.v3.oas.annotations.media.Schema;
import tools.jackson.databind.JsonNode;

/**
 * The kit as it was last saved.
 *
 * @param version goes up by one with every save; 0 before the first
 */
public record StoredKit(
        int version,
        @Schema(ref = "#/components/schemas/Kit") JsonNode kit) {}
