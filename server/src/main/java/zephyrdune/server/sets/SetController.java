package zephyrdune.server.sets;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.net.URI;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.SavedSince;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.LineLimit;

@RestController
@RequestMapping("/api/sets")
@Tag(name = "sets", description = "Saved sets")
class SetController {

    private static final String COPY = " (copy)";

    private final SetStore store;

    SetController(SetStore store) {
        this.store = store;
    }

    /**
     * A set to save and what the writer has seen.
     *
     * @param version the version that the writer's copy was made from
     */
    record Save(int version, TableSet set) {}

    @GetMapping
    @Operation(operationId = "listSets", summary = "All sets, the one saved last first")
    List<StoredSet.Summary> list() {
        return store.list();
    }

    @PostMapping
    @Operation(operationId = "addSet", summary = "Save a new set")
    @ApiResponse(responseCode = "201")
    ResponseEntity<StoredSet> add(@RequestBody TableSet set) {
        return created(store.add(set));
    }

    @GetMapping("/{id}")
    @Operation(operationId = "getSet", summary = "One set")
    StoredSet get(@PathVariable UUID id) {
        return store.find(id).orElseThrow(SetController::missing);
    }

    @PostMapping("/{id}/opened")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "openedSet", summary = "Remember that a set was put on the table, for the order of lists")
    void opened(@PathVariable UUID id) {
        store.opened(id);
    }

    @PutMapping("/{id}")
    @Operation(
            operationId = "saveSet",
            summary = "Save a set on top of the version the writer has seen; 409 when someone else saved since")
    StoredSet save(@PathVariable UUID id, @RequestBody Save save) {
        return store.replace(id, save.version(), save.set()).orElseThrow(() -> new SavedSince("set", get(id)));
    }

    @GetMapping("/deleted")
    @Operation(operationId = "listDeletedSets", summary = "Deleted sets that can be brought back, for thirty days")
    List<StoredSet.Deleted> deleted() {
        return store.deleted();
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "deleteSet",
            summary =
                    "Delete a set of the version the writer has seen; it can be brought back; 409 when someone else saved since")
    void delete(@PathVariable UUID id, @RequestParam int version) {
        if (!store.delete(id, version)) {
            throw new SavedSince("set", get(id));
        }
    }

    @PostMapping("/{id}/restore")
    @Operation(operationId = "restoreSet", summary = "Bring a deleted set back")
    StoredSet restore(@PathVariable UUID id) {
        return store.restore(id).orElseThrow(SetController::missing);
    }

    @PostMapping("/{id}/copies")
    @Operation(operationId = "copySet", summary = "Save a copy of a set as a new one")
    @ApiResponse(responseCode = "201")
    ResponseEntity<StoredSet> copy(@PathVariable UUID id) {
        String title = get(id).set().path("title").asString();
        String copied = LineLimit.cut(title, TableSet.TITLE.max() - COPY.length()) + COPY;
        return created(store.copy(id, copied).orElseThrow(SetController::missing));
    }

    private static ResponseEntity<StoredSet> created(StoredSet stored) {
        return ResponseEntity.created(URI.create("/api/sets/" + stored.id())).body(stored);
    }

    private static Missing missing() {
        return new Missing("There is no such set; it may have been deleted");
    }
}
