package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.frame.FrameRegistration;
import zephyrdune.answers.frame.FrameRegistration.PointPair;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.units.measure.Refused;

/** How test frames lie on the pictures that were predicted of them. */
@RestController
@Tag(name = "frames")
class FrameRegistrationController {

    /** Numbers that tell where a point lies, in the frame and in the picture. */
    private static final int NUMBERS = 4;

    private final FrameStore store;
    private final FrameReader reader;
    private final ComputeLimiter computing;

    FrameRegistrationController(FrameStore store, FrameReader reader, ComputeLimiter computing) {
        this.store = store;
        this.reader = reader;
        this.computing = computing;
    }

    /** @param points of each its place in the frame, across and down, and in the picture */
    @GetMapping("/api/frames/{id}/laid")
    @Operation(
            operationId = "layFrame",
            summary =
                    "A test frame as it lies on its picture by four points: of each across and down in the frame, then in the picture")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/jpeg", schema = @Schema(type = "string", format = "binary")))
    CompletableFuture<ResponseEntity<byte[]>> laid(
            @PathVariable UUID id, @RequestParam double ratio, @RequestParam List<Double> points) {
        FrameRegistration registration = new FrameRegistration(ratio, pairs(points));
        StoredFrame frame = store.find(id).orElseThrow(FrameController::missing);
        return computing.slowly(() -> ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(reader.laid(frame, registration)));
    }

    private static List<PointPair> pairs(List<Double> numbers) {
        if (numbers.size() % NUMBERS != 0) {
            throw new Refused(
                    "points", "Each point has four numbers: across and down in the frame, then in the picture");
        }
        return IntStream.range(0, numbers.size() / NUMBERS)
                .mapToObj(i -> numbers.subList(NUMBERS * i, NUMBERS * (i + 1)))
                .map(at -> new PointPair(at.get(0), at.get(1), at.get(2), at.get(3)))
                .toList();
    }

    @PutMapping("/api/frames/{id}/registration")
    @Operation(
            operationId = "putFrameRegistration",
            summary =
                    "Tell how a test frame lies on its picture; those of the same camera that come in after it do so too")
    StoredFrame register(@PathVariable UUID id, @RequestBody FrameRegistration registration) {
        return store.register(id, registration).orElseThrow(FrameController::missing);
    }

    @DeleteMapping("/api/frames/{id}/registration")
    @Operation(operationId = "deleteFrameRegistration", summary = "Take a test frame as it came in")
    StoredFrame unregister(@PathVariable UUID id) {
        return store.register(id, null).orElseThrow(FrameController::missing);
    }
}
