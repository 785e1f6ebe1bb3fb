package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.Lm63Reader;
import zephyrdune.formats.Lm63Writer;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

@RestController
@Tag(name = "answers")
class LampController {

    private final ComputeLimiter computing;

    LampController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** A lamp from a photometric file, as the parts of a set's light that it becomes. */
    record LampAnswer(
            @Schema(ref = "#/components/schemas/Source") JsonNode source,

            @Schema(ref = "#/components/schemas/Face") JsonNode face) {}

    @PostMapping(value = "/api/lamp-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openLampFile", summary = "Read a photometric file, ANSI/IES LM-63; nothing is saved")
    LampAnswer open(HttpServletRequest request) throws IOException, BadFile {
        Lm63Reader.Lamp lamp = Lm63Reader.read(request.getInputStream().readNBytes(Lm63Reader.LONGEST_FILE + 1));
        return new LampAnswer(SetFormat.part((Record) lamp.source()), SetFormat.part((Record) lamp.face()));
    }

    @PostMapping(value = "/api/light-files", produces = MediaType.TEXT_PLAIN_VALUE)
    @Operation(
            operationId = "writeLightFile",
            summary = "A set's finished light as a photometric file, ANSI/IES LM-63-2019")
    @ApiResponse(responseCode = "200", content = @Content(mediaType = "text/plain", schema = @Schema(type = "string")))
    CompletableFuture<byte[]> write(@RequestBody TableSet set) {
        return computing.quickly(set, () -> Lm63Writer.write(set));
    }
}
