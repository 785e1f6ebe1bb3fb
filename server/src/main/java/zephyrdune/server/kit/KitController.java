package zephyrdune.server.kit;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.KitFormat;
import zephyrdune.server.problems.Overtaken;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.kit.UsualSpread;

@RestController
@Tag(name = "kit", description = "What the photographer owns")
class KitController {

    private final KitStore store;

    KitController(KitStore store) {
        this.store = store;
    }

    /**
     * A kit to save and what the writer has seen.
     *
     * @param version the version that the writer's copy was made from
     */
    record SaveKit(int version, Kit kit) {}

    @GetMapping("/api/kit")
    @Operation(operationId = "getKit", summary = "The kit; empty, of version 0, before anything was saved")
    StoredKit get() {
        return store.find();
    }

    @PutMapping("/api/kit")
    @Operation(
            operationId = "saveKit",
            summary = "Save the kit on top of the version the writer has seen; 409 when someone else saved since")
    StoredKit save(@RequestBody SaveKit save) {
        return store.replace(save.version(), save.kit()).orElseThrow(Overtaken::new);
    }

    @GetMapping("/api/kit/ready-made")
    @Operation(operationId = "readyMade", summary = "Generic pieces to start from")
    Kit readyMade() {
        return ReadyMade.kit();
    }

    /** How far the usual values of a kit's pieces may be off, stops, in the order of its lists; 0 where a number is somebody's own. */
    record SpreadsAnswer(List<Double> sources, List<Double> shapers, List<Double> gels) {

        static SpreadsAnswer of(Kit kit) {
            return new SpreadsAnswer(
                    kit.sources().stream().map(UsualSpread::of).toList(),
                    kit.shapers().stream().map(UsualSpread::of).toList(),
                    kit.gels().stream().map(UsualSpread::of).toList());
        }
    }

    @PostMapping("/api/usual-spreads")
    @Operation(operationId = "usualSpreads", summary = "How far the usual values of a kit's pieces may be off")
    SpreadsAnswer spreads(@RequestBody Kit kit) {
        return SpreadsAnswer.of(kit);
    }

    @PostMapping(value = "/api/kit-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openKitFile", summary = "Read a kit file; nothing is saved")
    Kit open(HttpServletRequest request) throws IOException, BadFile {
        return KitFormat.read(request.getInputStream().readNBytes(KitFormat.LONGEST_FILE + 1));
    }
}
