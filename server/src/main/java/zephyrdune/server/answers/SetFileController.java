package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;

@RestController
@Tag(name = "answers")
class SetFileController {

    @PostMapping(value = "/api/set-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openSetFile", summary = "Read a set file of any known version; nothing is saved")
    TableSet open(HttpServletRequest request) throws IOException, BadFile {
        return SetFormat.read(request.getInputStream().readNBytes(SetFormat.LONGEST_FILE + 1));
    }
}
