package zephyrdune.server.takes;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/**
 * A kept state of a set.
 *
 * @param about what was read off it, in words; may be empty
 * @param off words of the layers of light that its picture leaves out
 * @param picture how far its picture has come; it is of this very set
 */
public record StoredTake(
        UUID id,
        String name,
        String about,
        List<String> off,
        PictureState picture,
        Instant madeAt,
        @Schema(ref = "#/components/schemas/TableSet") JsonNode set) {

    /** How far a take's picture has come. */
    public enum PictureState {
        NONE,
        ROUGH,
        FINE
    }
}
