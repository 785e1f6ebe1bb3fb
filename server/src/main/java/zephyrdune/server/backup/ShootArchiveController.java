package zephyrdune.server.backup;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.problems.Missing;
import zephyrdune.units.measure.Refused;

@RestController
@Tag(name = "shoots")
class ShootArchiveController {

    private final ShootArchives archives;

    ShootArchiveController(ShootArchives archives) {
        this.archives = archives;
    }

    /** @param id what the shoot is kept under here */
    record ArchivedShoot(UUID id) {}

    @GetMapping("/api/shoots/{id}/archive")
    @FileAnswer
    @Operation(
            operationId = "shootArchive",
            summary = "The whole shoot as one archive: its sets, takes, test frames, notes, what happened, and the kit")
    ResponseEntity<byte[]> archive(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shoot.zip\"")
                .body(archives.write(id)
                        .orElseThrow(() -> new Missing("There is no such shoot; it may have been deleted")));
    }

    @PostMapping(value = "/api/shoot-archives", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ApiResponse(responseCode = "201")
    @Operation(
            operationId = "openShootArchive",
            summary = "Bring a shoot in from an archive, beside what is there: all of it, or nothing")
    ResponseEntity<ArchivedShoot> open(HttpServletRequest request) throws IOException {
        byte[] archive = request.getInputStream().readNBytes(ShootArchive.LONGEST_FILE + 1);
        if (archive.length > ShootArchive.LONGEST_FILE) {
            throw new Refused("archive", "An archive is at most %,d bytes long".formatted(ShootArchive.LONGEST_FILE));
        }
        try {
            UUID id = archives.takeIn(archive);
            return ResponseEntity.created(URI.create("/api/shoots/" + id)).body(new ArchivedShoot(id));
        } catch (BadBackup e) {
            throw new Refused("archive", e.getMessage());
        }
    }
}
