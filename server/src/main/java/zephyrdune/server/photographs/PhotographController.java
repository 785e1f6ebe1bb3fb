package zephyrdune.server.photographs;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.answers.photograph.Estimate;
import zephyrdune.answers.photograph.HighlightOutline;
import zephyrdune.answers.photograph.Mark;
import zephyrdune.answers.photograph.PhotographLine;
import zephyrdune.answers.photograph.PhotographMarks;
import zephyrdune.answers.photograph.PhotographReading;
import zephyrdune.answers.photograph.ToneSpot;
import zephyrdune.answers.photograph.UnknownLens;
import zephyrdune.answers.photograph.UsualLook;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.MarksFormat;
import zephyrdune.formats.PhotographFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.look.Lookbook;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;

/** The light read from photographs. */
@RestController
@Tag(name = "photographs", description = "The light read from photographs by what is marked on them")
class PhotographController {

    private static final LineLimit TITLE = new LineLimit("title", 80);
    private static final LineLimit CLIENT = new LineLimit("client", 80);

    private final OpenPhotographs open;
    private final PhotographStore store;
    private final ComputeLimiter computing;

    PhotographController(OpenPhotographs open, PhotographStore store, ComputeLimiter computing) {
        this.open = open;
        this.store = store;
        this.computing = computing;
    }

    /**
     * A photograph that was opened.
     *
     * @param width pixels that are shown and measured
     * @param lens as Exif tells it
     */
    record OpenedPhotograph(
            UUID id,
            int width,
            int height,
            @Schema(ref = "#/components/schemas/TakingLens") JsonNode lens) {

        static OpenedPhotograph of(UUID id, PhotographFile file) {
            return new OpenedPhotograph(
                    id,
                    file.width(),
                    file.height(),
                    file.lens().map(SetFormat::part).orElseGet(() -> SetFormat.part(new UnknownLens())));
        }
    }

    /**
     * One thing that is read.
     *
     * @param word photographers' word for it, or nothing
     * @param value absent where it is not told
     * @param spread standard deviation of the value
     * @param note what it was told by, or why it is not
     */
    record LineAnswer(
            PhotographLine.Kind kind,
            String title,
            Unit unit,
            String word,
            @Schema(types = {"number", "null"}) Double value,
            @Schema(types = {"number", "null"}) Double spread,
            String note) {

        static LineAnswer of(PhotographLine line) {
            return new LineAnswer(
                    line.kind(),
                    line.kind().title(),
                    line.kind().unit(),
                    line.word(),
                    line.estimate().map(Estimate::value).orElse(null),
                    line.estimate().map(Estimate::spread).orElse(null),
                    line.note());
        }
    }

    /** @param stops below the brightest; absent where it is clipped */
    record ToneAnswer(
            ToneSpot.Part part,
            String title,
            @Schema(types = {"number", "null"}) Double stops) {

        static ToneAnswer of(PhotographReading.SpotTone tone) {
            return new ToneAnswer(
                    tone.part(),
                    tone.part().title(),
                    tone.stops().isPresent() ? tone.stops().getAsDouble() : null);
        }
    }

    record OutlineAnswer(List<Mark> outline, Mark middle, String shape) {}

    /** What a photograph tells. */
    record PhotographAnswer(
            List<LineAnswer> lines,
            List<ToneAnswer> tones,
            List<OutlineAnswer> highlights,
            List<PhotographReading.Trouble> troubles) {

        static PhotographAnswer of(PhotographReading reading) {
            return new PhotographAnswer(
                    reading.lines().stream().map(LineAnswer::of).toList(),
                    reading.tones().stream().map(ToneAnswer::of).toList(),
                    reading.highlights().stream()
                            .map(PhotographController::outline)
                            .toList(),
                    reading.troubles());
        }
    }

    private static OutlineAnswer outline(HighlightOutline highlight) {
        return new OutlineAnswer(
                highlight.outline(), highlight.middle(), highlight.shape().words());
    }

    /** What to keep of an opened photograph. */
    record KeepPhotograph(String title, String client, PhotographMarks marks) {}

    @PostMapping(value = "/api/photographs", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(
            operationId = "openPhotograph",
            summary = "Open a photograph, JPEG, PNG or TIFF; it stays in memory for a while and is not kept")
    CompletableFuture<OpenedPhotograph> open(HttpServletRequest request) throws IOException {
        byte[] file = request.getInputStream().readNBytes(PhotographFile.LONGEST_FILE + 1);
        return computing.slowly(() -> {
            try {
                PhotographFile photograph = PhotographFile.read(file);
                return OpenedPhotograph.of(open.add(photograph), photograph);
            } catch (BadFile e) {
                throw new CompletionException(e);
            }
        });
    }

    @GetMapping("/api/photographs/{id}")
    @Operation(operationId = "getPhotograph", summary = "A photograph that is open or kept")
    CompletableFuture<OpenedPhotograph> get(@PathVariable UUID id) {
        return computing.slowly(() -> OpenedPhotograph.of(id, find(id)));
    }

    @GetMapping("/api/photographs/{id}/picture")
    @Operation(
            operationId = "photographPicture",
            summary = "A photograph as it is marked and measured: upright, reduced")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/jpeg", schema = @Schema(type = "string", format = "binary")))
    CompletableFuture<ResponseEntity<byte[]>> picture(@PathVariable UUID id) {
        return computing.slowly(() -> ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(store.picture(id).orElseGet(() -> find(id).jpeg())));
    }

    @PostMapping("/api/photographs/{id}/reading")
    @Operation(operationId = "readPhotograph", summary = "What a photograph tells of its light, by marks on it")
    CompletableFuture<PhotographAnswer> read(@PathVariable UUID id, @RequestBody PhotographMarks marks) {
        return computing.slowly(() -> PhotographAnswer.of(reading(id, marks)));
    }

    private PhotographFile find(UUID id) {
        return open.find(id, store::picture);
    }

    private PhotographReading reading(UUID id, PhotographMarks marks) {
        return PhotographReading.of(find(id).picture(), marks);
    }

    @PostMapping("/api/photographs/{id}/look")
    @Operation(operationId = "photographLook", summary = "A look of bands round what is read, alone in a lookbook")
    CompletableFuture<Lookbook> look(
            @PathVariable UUID id, @RequestParam String title, @RequestBody PhotographMarks marks) {
        return computing.slowly(() -> new Lookbook(List.of(UsualLook.of(List.of(reading(id, marks)), title))));
    }

    @GetMapping("/api/kept-photographs")
    @Operation(operationId = "keptPhotographs", summary = "The photographs that are kept, client by client")
    List<KeptPhotograph> kept() {
        return store.all();
    }

    @PutMapping("/api/kept-photographs/{id}")
    @Operation(operationId = "keepPhotograph", summary = "Keep an open photograph with its marks")
    CompletableFuture<KeptPhotograph> keep(@PathVariable UUID id, @RequestBody KeepPhotograph keep) {
        TITLE.require(keep.title());
        return computing.slowly(
                () -> store.keep(id, keep.title(), CLIENT.clean(keep.client()), keep.marks(), find(id).jpeg()));
    }

    @DeleteMapping("/api/kept-photographs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "forgetPhotograph", summary = "No longer keep a photograph")
    void forget(@PathVariable UUID id) {
        if (store.find(id).isEmpty()) {
            throw new Missing("This photograph is not kept");
        }
        // stays open, so that it can be kept after all
        find(id);
        store.delete(id);
    }

    @GetMapping("/api/client-looks")
    @Operation(
            operationId = "clientLook",
            summary = "The usual look of a client: the median of all photographs kept of them, alone in a lookbook")
    CompletableFuture<Lookbook> clientLook(@RequestParam String client, @RequestParam String title) {
        List<KeptPhotograph> theirs = store.all().stream()
                .filter(photograph -> photograph.client().equals(client))
                .toList();
        if (theirs.isEmpty()) {
            throw new Refused("client", "No photograph of this client is kept");
        }
        return computing.slowly(() -> new Lookbook(
                List.of(UsualLook.of(theirs.stream().map(this::keptReading).toList(), title))));
    }

    private PhotographReading keptReading(KeptPhotograph photograph) {
        try {
            return reading(photograph.id(), MarksFormat.read(photograph.marks()));
        } catch (BadFile unreadable) {
            throw new CompletionException(unreadable);
        }
    }
}
