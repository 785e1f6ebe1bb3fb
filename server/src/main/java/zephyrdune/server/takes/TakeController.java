package zephyrdune.server.takes;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
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
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.pictures.SmallPictures;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.OfSet;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;

@RestController
@Tag(name = "takes", description = "Kept states of a set")
class TakeController {

    private static final LineLimit NAME = new LineLimit("name", 60);
    private static final LineLimit ABOUT = new LineLimit("about", 200);
    private static final int MOST_LAYERS = 40;

    /** Longest picture, bytes. */
    private static final int LONGEST_PICTURE = 1_000_000;

    /** What a JPEG begins with (ISO/IEC 10918-1). */
    private static final byte[] JPEG = {(byte) 0xff, (byte) 0xd8, (byte) 0xff};

    private final TakeStore store;
    private final SmallPictures pictures;

    TakeController(TakeStore store, SmallPictures pictures) {
        this.store = store;
        this.pictures = pictures;
    }

    /** A take to keep; see {@link StoredTake}. */
    record NewTake(String name, String about, List<String> off, TableSet set) {

        void require() {
            NAME.require(name);
            if (!about.isEmpty()) {
                ABOUT.require(about);
            }
            if (off.size() > MOST_LAYERS || off.stream().anyMatch(word -> !word.matches("[a-z0-9-]{1,20}"))) {
                throw new Refused(
                        "off", "The layers that are left out must be named by their words, at most " + MOST_LAYERS);
            }
        }
    }

    /** Another name for a take. */
    record Rename(String name) {}

    @GetMapping("/api/sets/{id}/takes")
    @Operation(operationId = "listTakes", summary = "The takes of a set, the oldest first")
    List<StoredTake> list(@PathVariable UUID id) {
        return store.of(id);
    }

    @PostMapping("/api/sets/{id}/takes")
    @Operation(operationId = "addTake", summary = "Keep a take; its picture follows")
    @ApiResponse(responseCode = "201")
    ResponseEntity<StoredTake> add(@PathVariable UUID id, @RequestBody NewTake take) {
        take.require();
        StoredTake stored = OfSet.keep(() -> store.add(id, take.name(), take.about(), take.off(), take.set()));
        return ResponseEntity.created(URI.create("/api/takes/" + stored.id())).body(stored);
    }

    @PutMapping(value = "/api/takes/{id}/picture", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "putTakePicture",
            summary = "The picture of a take, a JPEG; a rough one never takes the place of a fine one")
    void picture(@PathVariable UUID id, @RequestParam boolean fine, HttpServletRequest request) throws IOException {
        byte[] picture = request.getInputStream().readNBytes(LONGEST_PICTURE + 1);
        requireJpeg(picture);
        if (!store.picture(id, picture, fine)) {
            throw missing();
        }
    }

    @GetMapping("/api/takes/{id}/picture")
    @Operation(
            operationId = "takePicture",
            summary = "The picture of a take; traced small, and kept, where none has come")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/jpeg", schema = @Schema(type = "string", format = "binary")))
    CompletableFuture<ResponseEntity<byte[]>> picture(@PathVariable UUID id) {
        Optional<byte[]> kept = store.picture(id);
        if (kept.isPresent()) {
            return CompletableFuture.completedFuture(answer(kept.get()));
        }
        StoredTake take = store.find(id).orElseThrow(TakeController::missing);
        TableSet set;
        try {
            set = SetFormat.read(take.set());
        } catch (BadFile cannotStand) {
            throw missing();
        }
        return pictures.jpeg(set, Set.copyOf(take.off())).thenApply(picture -> {
            store.firstPicture(id, picture);
            return answer(picture);
        });
    }

    private static ResponseEntity<byte[]> answer(byte[] picture) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache())
                .body(picture);
    }

    @PutMapping("/api/takes/{id}")
    @Operation(operationId = "renameTake", summary = "Give a take another name")
    StoredTake rename(@PathVariable UUID id, @RequestBody Rename rename) {
        NAME.require(rename.name());
        return store.rename(id, rename.name()).orElseThrow(TakeController::missing);
    }

    @DeleteMapping("/api/takes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteTake", summary = "Delete a take; it can be brought back")
    void delete(@PathVariable UUID id) {
        if (!store.delete(id)) {
            throw missing();
        }
    }

    @PostMapping("/api/takes/{id}/restore")
    @Operation(operationId = "restoreTake", summary = "Bring a deleted take back")
    StoredTake restore(@PathVariable UUID id) {
        return store.restore(id).orElseThrow(TakeController::missing);
    }

    @GetMapping("/api/sets/{id}/takes-file")
    @Operation(operationId = "writeTakesFile", summary = "The takes of a set as one file")
    @FileAnswer
    ResponseEntity<byte[]> file(@PathVariable UUID id) {
        List<StoredTake> takes = store.of(id);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment")
                .body(TakesFile.write(
                        takes,
                        takes.stream().map(take -> store.picture(take.id())).toList()));
    }

    @PostMapping(value = "/api/sets/{id}/takes-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "openTakesFile", summary = "Keep the takes of a file with a set: all of them, or none")
    List<StoredTake> open(@PathVariable UUID id, HttpServletRequest request) throws IOException, BadFile {
        List<TakesFile.Entry> entries = TakesFile.read(request.getInputStream().readAllBytes());
        for (TakesFile.Entry entry : entries) {
            new NewTake(entry.name(), entry.about(), entry.off(), entry.set()).require();
            entry.picture().ifPresent(TakeController::requireJpeg);
        }
        return OfSet.keep(() -> {
            store.addAll(id, entries);
            return store.of(id);
        });
    }

    private static void requireJpeg(byte[] picture) {
        if (picture.length > LONGEST_PICTURE || !Arrays.equals(Arrays.copyOf(picture, JPEG.length), JPEG)) {
            throw new Refused("picture", "The picture must be a JPEG of at most %,d bytes".formatted(LONGEST_PICTURE));
        }
    }

    private static Missing missing() {
        return new Missing("There is no such take; it may have been deleted");
    }
}
