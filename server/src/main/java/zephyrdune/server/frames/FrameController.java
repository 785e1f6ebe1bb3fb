package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.OptionalDouble;
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
import zephyrdune.answers.frame.FrameDifference;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.JustWhite;
import zephyrdune.answers.frame.NextPower;
import zephyrdune.answers.frame.PatchReading;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.OfSet;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** Test frames beside what their sets predict. */
@RestController
@Tag(name = "frames", description = "Test frames of a set, beside what the set predicts of them")
class FrameController {

    private static final int MOST_PATCHES = 24;

    private final FrameStore store;
    private final FrameReader reader;
    private final ComputeLimiter computing;

    FrameController(FrameStore store, FrameReader reader, ComputeLimiter computing) {
        this.store = store;
        this.reader = reader;
        this.computing = computing;
    }

    /**
     * What to read of a frame.
     *
     * @param patches none for those that are proposed
     * @param now the set that the next frame will be of
     */
    record FrameQuestion(List<FramePatch> patches, TableSet now) {

        void require() {
            if (patches.size() > MOST_PATCHES) {
                throw new Refused("patches", "At most %d patches of a frame are read".formatted(MOST_PATCHES));
            }
            if (patches.stream().anyMatch(patch -> patch.part() == FramePatch.Part.METER)) {
                throw new Refused("patches", "A hand meter is no place of a frame; tell what it says by itself");
            }
        }
    }

    /**
     * One patch, in stops from mid grey.
     *
     * @param lit whether it lies straight in the key
     * @param reflectance of a grey card that lies there
     * @param predicted absent where no light of the set comes from there
     * @param predictedError standard error
     * @param measured absent where it cannot be told
     * @param off by how much the frame is brighter
     * @param uneven how much the tone varies within the patch
     * @param held whether it is held back, because the others say otherwise
     * @param trouble why nothing is measured, or why it is held back
     */
    record PatchAnswer(
            FramePatch.Part part,
            String title,
            boolean lit,
            double across,
            double down,
            double reflectance,
            @Schema(types = {"number", "null"}) Double predicted,
            double predictedError,
            @Schema(types = {"number", "null"}) Double measured,
            @Schema(types = {"number", "null"}) Double off,
            double uneven,
            boolean held,
            String trouble) {

        static PatchAnswer of(PatchReading reading) {
            FramePatch patch = reading.patch();
            return new PatchAnswer(
                    patch.part(),
                    patch.part().title(),
                    patch.part().lit(),
                    patch.across(),
                    patch.down(),
                    patch.reflectance(),
                    told(reading.predicted()),
                    reading.predictedError(),
                    told(reading.measured()),
                    told(reading.off()),
                    reading.uneven(),
                    reading.held(),
                    reading.trouble());
        }
    }

    private static Double told(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /**
     * The power to set next.
     *
     * @param keyOff by how much the lights give more than predicted, stops
     * @param spread standard deviation of that
     * @param mark on the light's own control
     * @param below full power, stops, of that mark
     * @param left by how much the next frame will be too bright, stops
     * @param enough whether full power is enough
     * @param clipped whether all is clipped where the light falls: then it gives at least so much more
     * @param flash whether it is a flash that is set
     */
    record NextAnswer(
            double keyOff,
            double spread,
            String mark,
            double below,
            double left,
            boolean enough,
            boolean clipped,
            boolean flash) {

        static NextAnswer of(NextPower next) {
            return new NextAnswer(
                    next.keyOff(),
                    next.spread(),
                    next.mark().text(),
                    next.mark().below(),
                    next.left(),
                    next.wantedBelow() >= 0,
                    next.clipped(),
                    next.flash());
        }
    }

    /**
     * The power that brings the background to where it clips, all else as it stood.
     *
     * @param mark on the light's own control, on the darker side
     * @param enough whether full power is enough
     * @param heroTop the hero's top then, stops from mid grey; absent where it was not measured
     * @param heroClips whether that is beyond white
     */
    record WhiteAnswer(
            String mark,
            boolean enough,
            @Schema(types = {"number", "null"}) Double heroTop,
            boolean heroClips) {

        static WhiteAnswer of(JustWhite white) {
            return new WhiteAnswer(
                    white.mark().text(), white.wantedBelow() >= 0, told(white.heroTop()), white.heroClips());
        }
    }

    /**
     * What a frame tells.
     *
     * @param brighter stops by which it was exposed more than the set says; the predictions count it
     * @param room what the room gives, of a frame without the lights
     */
    record FrameAnswer(
            List<PatchAnswer> patches,
            double brighter,
            @Schema(nullable = true) RoomAloneAnswer room,
            @Schema(nullable = true) WhiteAnswer white,
            @Schema(nullable = true) NextAnswer next) {

        static FrameAnswer of(FrameReading reading) {
            return new FrameAnswer(
                    reading.patches().stream().map(PatchAnswer::of).toList(),
                    reading.brighter(),
                    reading.room().map(RoomAloneAnswer::of).orElse(null),
                    reading.white().map(WhiteAnswer::of).orElse(null),
                    reading.next().map(NextAnswer::of).orElse(null));
        }
    }

    @PostMapping(value = "/api/sets/{id}/frames", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(operationId = "addFrame", summary = "Keep a test frame, JPEG, PNG or TIFF; the same file is kept once")
    CompletableFuture<StoredFrame> add(@PathVariable UUID id, @RequestParam String name, HttpServletRequest request)
            throws IOException {
        byte[] file = request.getInputStream().readNBytes(PhotographFile.LONGEST_FILE + 1);
        return computing.slowly(() -> {
            try {
                PhotographFile photograph = PhotographFile.read(file);
                return OfSet.keep(() -> store.add(id, FrameName.of(name), file, photograph));
            } catch (BadFile e) {
                throw new CompletionException(e);
            }
        });
    }

    @GetMapping("/api/sets/{id}/frames")
    @Operation(operationId = "listFrames", summary = "The test frames of a set, in the order they were taken in")
    List<StoredFrame> list(@PathVariable UUID id) {
        return store.of(id);
    }

    @GetMapping("/api/frames/{id}/picture")
    @Operation(operationId = "framePicture", summary = "A test frame as it is measured: upright, reduced")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/jpeg", schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> picture(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(store.picture(id).orElseThrow(FrameController::missing));
    }

    @PutMapping("/api/frames/{id}/set")
    @Operation(operationId = "putFrameSet", summary = "Tell how the set stood when a frame was taken")
    StoredFrame stood(@PathVariable UUID id, @RequestBody TableSet set) {
        return store.stood(id, set).orElseThrow(FrameController::missing);
    }

    @PostMapping("/api/frames/{id}/reading")
    @Operation(
            operationId = "readFrame",
            summary = "A test frame against what its set predicts, patch by patch, and the power to set next")
    CompletableFuture<FrameAnswer> read(@PathVariable UUID id, @RequestBody FrameQuestion question) {
        question.require();
        StoredFrame frame = store.find(id).orElseThrow(FrameController::missing);
        TableSet set = stood(id);
        return computing.slowly(() -> FrameAnswer.of(reader.read(frame, set, question.now(), question.patches())));
    }

    /** How much brighter a frame is than predicted, in hundredths of a stop, row by row from the top. */
    record FrameDifferenceAnswer(int width, int height, int[] stopHundredths) {

        static FrameDifferenceAnswer of(FrameDifference difference) {
            int[] hundredths = new int[difference.stops().length];
            for (int i = 0; i < hundredths.length; i++) {
                hundredths[i] = Math.round(100 * difference.stops()[i]);
            }
            return new FrameDifferenceAnswer(difference.width(), difference.height(), hundredths);
        }
    }

    @GetMapping("/api/frames/{id}/difference")
    @Operation(
            operationId = "frameDifference",
            summary = "How much brighter a test frame is than what its set predicts of it, place by place, in stops")
    CompletableFuture<FrameDifferenceAnswer> difference(@PathVariable UUID id) {
        StoredFrame frame = store.find(id).orElseThrow(FrameController::missing);
        TableSet set = stood(id);
        return computing.picture(set, () -> FrameDifferenceAnswer.of(reader.difference(frame, set)));
    }

    private TableSet stood(UUID id) {
        return store.set(id)
                .orElseThrow(() -> new Refused("set", "It is not told yet how the set stood for this frame"));
    }

    record FrameLit(boolean lit) {}

    @PutMapping("/api/frames/{id}/lit")
    @Operation(
            operationId = "putFrameLit",
            summary = "Tell whether the lights were on when a frame was taken, or the room alone gave light")
    StoredFrame lit(@PathVariable UUID id, @RequestBody FrameLit lit) {
        return store.lit(id, lit.lit()).orElseThrow(FrameController::missing);
    }

    record FrameCounts(boolean counts) {}

    @PutMapping("/api/frames/{id}/counts")
    @Operation(
            operationId = "putFrameCounts",
            summary = "Leave a frame out of what is learnt of the kit, or count it whatever the others say")
    StoredFrame counts(@PathVariable UUID id, @RequestBody FrameCounts counts) {
        return store.counts(id, counts.counts()).orElseThrow(FrameController::missing);
    }

    @DeleteMapping("/api/frames/{id}/counts")
    @Operation(operationId = "deleteFrameCounts", summary = "Let the other frames judge whether a frame counts")
    StoredFrame judged(@PathVariable UUID id) {
        return store.counts(id, null).orElseThrow(FrameController::missing);
    }

    @DeleteMapping("/api/frames/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "deleteFrame",
            summary = "Delete a test frame here; it can be brought back, and its file stays")
    void delete(@PathVariable UUID id) {
        if (!store.delete(id)) {
            throw missing();
        }
    }

    @PostMapping("/api/frames/{id}/restore")
    @Operation(operationId = "restoreFrame", summary = "Bring a deleted test frame back")
    StoredFrame restore(@PathVariable UUID id) {
        return store.restore(id).orElseThrow(FrameController::missing);
    }

    static Missing missing() {
        return new Missing("There is no such frame; it may have been deleted");
    }
}
