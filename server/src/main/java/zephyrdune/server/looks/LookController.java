package zephyrdune.server.looks;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.LookbookFormat;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.problems.Overtaken;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.Lookbook;
import zephyrdune.set.look.ReadyLooks;
import zephyrdune.units.measure.Unit;

@RestController
@Tag(name = "looks", description = "What pictures are meant to look like")
class LookController {

    private final LookbookStore store;

    LookController(LookbookStore store) {
        this.store = store;
    }

    /**
     * A lookbook to save and what the writer has seen.
     *
     * @param version the version that the writer's copy was made from
     */
    record SaveLookbook(int version, Lookbook lookbook) {}

    /**
     * What a look may ask for, and what misses it is called.
     *
     * @param open a band of it that everything lies in
     */
    record AspectAnswer(
            Aspect aspect,
            String title,
            Unit unit,
            String below,
            String above,
            @Schema(ref = "#/components/schemas/Band") JsonNode open) {

        static AspectAnswer of(Aspect aspect) {
            return new AspectAnswer(
                    aspect, aspect.title(), aspect.unit(), aspect.below(), aspect.above(), SetFormat.part((Record)
                            aspect.open()));
        }
    }

    @GetMapping("/api/aspects")
    @Operation(operationId = "aspects", summary = "What a look may ask for")
    List<AspectAnswer> aspects() {
        return Arrays.stream(Aspect.values()).map(AspectAnswer::of).toList();
    }

    @GetMapping("/api/looks/ready-made")
    @Operation(operationId = "readyLooks", summary = "Looks to start from")
    Lookbook readyMade() {
        return new Lookbook(ReadyLooks.all());
    }

    @GetMapping("/api/lookbook")
    @Operation(
            operationId = "getLookbook",
            summary = "The looks that were made here; empty, of version 0, before anything was saved")
    StoredLookbook get() {
        return store.find();
    }

    @PutMapping("/api/lookbook")
    @Operation(
            operationId = "saveLookbook",
            summary = "Save the looks on top of the version the writer has seen; 409 when someone else saved since")
    StoredLookbook save(@RequestBody SaveLookbook save) {
        return store.replace(save.version(), save.lookbook()).orElseThrow(Overtaken::new);
    }

    @PostMapping(value = "/api/lookbook-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openLookbookFile", summary = "Read a lookbook file; nothing is saved")
    Lookbook open(HttpServletRequest request) throws IOException, BadFile {
        return LookbookFormat.read(request.getInputStream().readNBytes(LookbookFormat.LONGEST_FILE + 1));
    }
}
