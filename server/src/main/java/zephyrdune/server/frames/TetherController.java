package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.server.problems.OfSet;

/** The folder that test frames come into. */
@RestController
@Tag(name = "tether", description = "The folder that test frames come into")
class TetherController {

    private final Tether tether;

    TetherController(Tether tether) {
        this.tether = tether;
    }

    /** @param folder the whole way to it */
    record WatchFolder(UUID set, String folder) {}

    @GetMapping("/api/tether")
    @Operation(operationId = "tether", summary = "Which folder is watched for test frames, and what comes in")
    Tether.TetherStatus status() {
        return tether.status();
    }

    @PutMapping("/api/tether")
    @Operation(
            operationId = "watchFolder",
            summary = "Watch a folder: what comes into it from now on becomes a test frame of a set")
    Tether.TetherStatus watch(@RequestBody WatchFolder watch) {
        return OfSet.keep(() -> tether.watch(watch.set(), watch.folder()));
    }

    @DeleteMapping("/api/tether")
    @Operation(operationId = "stopWatching", summary = "Watch no folder any more; the frames stay")
    Tether.TetherStatus stop() {
        return tether.stop();
    }
}
