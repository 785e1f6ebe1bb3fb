package zephyrdune.server.pictures;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.sets.SetStore;
import zephyrdune.server.sets.StoredSet;
import zephyrdune.set.TableSet;

/** Saved sets as small pictures: made when first asked for, and kept. */
@RestController
@Tag(name = "sets")
class SetPictureController {

    private final SetStore sets;
    private final SetPictureStore store;
    private final SmallPictures pictures;

    SetPictureController(SetStore sets, SetPictureStore store, SmallPictures pictures) {
        this.sets = sets;
        this.store = store;
        this.pictures = pictures;
    }

    @GetMapping("/api/sets/{id}/picture")
    @Operation(
            operationId = "setPicture",
            summary = "A small picture of a saved set; missing for a version that is no longer saved, or cannot stand")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/png", schema = @Schema(type = "string", format = "binary")))
    CompletableFuture<ResponseEntity<byte[]>> picture(@PathVariable UUID id, @RequestParam int version) {
        Optional<byte[]> kept = store.find(id, version);
        if (kept.isPresent()) {
            return CompletableFuture.completedFuture(answer(kept.get()));
        }
        TableSet set = sets.find(id)
                .filter(stored -> stored.version() == version)
                .flatMap(SetPictureController::standing)
                .orElseThrow(() -> new Missing("There is no picture of this set"));
        return pictures.png(set).thenApply(picture -> {
            store.keep(id, version, picture);
            return answer(picture);
        });
    }

    private static Optional<TableSet> standing(StoredSet stored) {
        try {
            return Optional.of(SetFormat.read(stored.set()));
        } catch (BadFile cannotStand) {
            return Optional.empty();
        }
    }

    /** What is saved in a version never changes. */
    private static ResponseEntity<byte[]> answer(byte[] picture) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(picture);
    }
}
