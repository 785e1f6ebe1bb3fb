package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.GltfFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

@RestController
@Tag(name = "answers")
class SetFileController {

    private final ComputeLimiter computing;

    SetFileController(ComputeLimiter computing) {
        this.computing = computing;
    }

    @PostMapping(value = "/api/set-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openSetFile", summary = "Read a set file of any known version; nothing is saved")
    TableSet open(HttpServletRequest request) throws IOException, BadFile {
        return SetFormat.read(request.getInputStream().readNBytes(SetFormat.LONGEST_FILE + 1));
    }

    @PostMapping("/api/models")
    @FileAnswer
    @Operation(
            operationId = "writeModel",
            summary = "The set in three dimensions, a binary glTF 2.0 file (ISO/IEC 12113)")
    CompletableFuture<ResponseEntity<byte[]>> model(@RequestBody TableSet set) {
        return computing.slowly(() -> ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("model/gltf-binary"))
                .body(GltfFile.write(set)));
    }
}
