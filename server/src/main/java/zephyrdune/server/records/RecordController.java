package zephyrdune.server.records;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.formats.SheetLengths;
import zephyrdune.formats.XmpSidecar;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.records.RecordStore.RecordPage;
import zephyrdune.server.records.StoredRecord.RecordKind;
import zephyrdune.set.TableSet;
import zephyrdune.shoot.log.LightFacts;
import zephyrdune.shoot.log.LightSide;
import zephyrdune.units.measure.Refused;

@RestController
@RequestMapping("/api/records")
@Tag(name = "records", description = "The log: takes and test frames, found again")
class RecordController {

    private static final int PAGE = 60;
    private static final int MOST_ALIKE = 24;
    private static final int LONGEST_NOTES = 4_000;
    private static final int BEST = 5;

    private final RecordStore store;
    private final RecordKeeper keeper;

    RecordController(RecordStore store, RecordKeeper keeper) {
        this.store = store;
        this.keeper = keeper;
    }

    /**
     * @param found how many there are in all
     * @param pending takes and frames whose light is still being worked out
     */
    record RecordsAnswer(List<StoredRecord> records, int found, int pending) {}

    /**
     * @param rating 0 for none, up to 5
     */
    record RecordNote(String notes, int rating) {}

    record RecordedSet(
            @Schema(ref = "#/components/schemas/TableSet") JsonNode set) {}

    /** What can be chosen from. */
    record RecordChoices(List<SideChoice> sides, List<String> softness) {}

    record SideChoice(LightSide side, String word) {}

    @GetMapping
    @Operation(operationId = "records", summary = "What was kept, last first, by words and by the light")
    RecordsAnswer find(
            @RequestParam(defaultValue = "") String words,
            @RequestParam Optional<RecordKind> kind,
            @RequestParam Optional<LightSide> side,
            @RequestParam Optional<String> softness,
            @RequestParam Optional<UUID> set,
            @RequestParam Optional<Instant> from,
            @RequestParam Optional<Instant> to,
            @RequestParam(defaultValue = "0") int skip) {
        RecordSearch search = new RecordSearch(words, kind, side, softness, set, from, to, List.of());
        int pending = keeper.catchUp();
        RecordPage page = store.find(search, Math.max(0, skip), PAGE);
        return new RecordsAnswer(page.records(), page.found(), pending);
    }

    @GetMapping("/choices")
    @Operation(operationId = "recordChoices", summary = "Sides and softness that can be looked for")
    RecordChoices choices() {
        return new RecordChoices(
                List.of(LightSide.values()).stream()
                        .map(side -> new SideChoice(side, side.word()))
                        .toList(),
                LightFacts.softness());
    }

    @GetMapping("/{id}/alike")
    @Operation(
            operationId = "recordsAlike",
            summary = "Records whose light looks most like that of one, of other sets first")
    List<StoredRecord> alike(@PathVariable UUID id) {
        Map<UUID, LightFacts> facts = store.facts(RecordSearch.ANY);
        LightFacts wanted = Optional.ofNullable(facts.get(id)).orElseThrow(RecordController::missing);
        return store.find(facts.entrySet().stream()
                .filter(other -> !other.getKey().equals(id))
                .sorted(Comparator.comparingDouble(other -> other.getValue().unlike(wanted)))
                .limit(MOST_ALIKE)
                .map(Map.Entry::getKey)
                .toList());
    }

    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "noteRecord", summary = "Write something of a record, and rate it")
    void note(@PathVariable UUID id, @RequestBody RecordNote note) {
        if (note.notes().length() > LONGEST_NOTES) {
            throw new Refused("notes", "Notes are at most %,d characters long".formatted(LONGEST_NOTES));
        }
        if (note.rating() < 0 || note.rating() > BEST) {
            throw new Refused("rating", "A rating is 0 to %d".formatted(BEST));
        }
        store.set(id).orElseThrow(RecordController::missing);
        store.note(id, note.notes(), note.rating());
    }

    @GetMapping("/{id}/set")
    @Operation(operationId = "recordSet", summary = "The set as it stood")
    RecordedSet set(@PathVariable UUID id) {
        return new RecordedSet(store.set(id).orElseThrow(RecordController::missing));
    }

    @GetMapping("/{id}/notes-file")
    @FileAnswer
    @Operation(
            operationId = "recordNotesFile",
            summary =
                    "Lighting notes to lie beside a delivered picture, as XMP: words, rating, and how the set is built up")
    ResponseEntity<byte[]> notesFile(@PathVariable UUID id, @RequestParam SheetLengths lengths) throws BadFile {
        StoredRecord record = store.find(List.of(id)).stream().findFirst().orElseThrow(RecordController::missing);
        TableSet set = SetFormat.read(store.set(id).orElseThrow(RecordController::missing));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/rdf+xml"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"lighting-notes.xmp\"")
                .body(XmpSidecar.write(set, record.words(), record.notes(), record.rating(), lengths));
    }

    private static Missing missing() {
        return new Missing("There is no such record; the take or frame may have been deleted");
    }
}
