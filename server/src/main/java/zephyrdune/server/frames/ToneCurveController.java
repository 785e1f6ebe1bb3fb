package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.tone.LearntToneCurve;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.units.measure.Refused;

/** What the codes of a camera's files stand for. */
@RestController
@Tag(name = "frames")
class ToneCurveController {

    private static final int LONGEST_STYLE = 60;

    /** Codes between the points that are told. */
    private static final int STEP = 3;

    private final ToneCurveStore store;
    private final FrameStore frames;
    private final FrameReader reader;
    private final ComputeLimiter computing;

    ToneCurveController(ToneCurveStore store, FrameStore frames, FrameReader reader, ComputeLimiter computing) {
        this.store = store;
        this.frames = frames;
        this.reader = reader;
        this.computing = computing;
    }

    /**
     * What a code stands for.
     *
     * @param code 0 to 255
     * @param stops from mid grey
     * @param standard the same by sRGB
     */
    record CurvePoint(int code, double stops, double standard) {}

    /**
     * A camera's tone curve.
     *
     * @param style the picture style that the camera was set to
     * @param inUse whether the camera's frames are read by it
     * @param frames of the bracket that told it
     * @param residual root mean square of what their places differ by from it, stops
     * @param darkest code that anything was seen of
     * @param brightest likewise
     */
    record ToneCurveAnswer(
            String camera,
            String style,
            boolean inUse,
            int frames,
            double residual,
            int darkest,
            int brightest,
            Instant learntAt,
            List<CurvePoint> tones) {

        static ToneCurveAnswer of(StoredToneCurve stored) {
            LearntToneCurve learnt = stored.learnt();
            return new ToneCurveAnswer(
                    stored.camera(),
                    stored.style(),
                    stored.inUse(),
                    learnt.frames(),
                    learnt.residual(),
                    learnt.darkest(),
                    learnt.brightest(),
                    stored.learntAt(),
                    IntStream.iterate(learnt.darkest(), code -> code <= learnt.brightest(), code -> code + STEP)
                            .mapToObj(code ->
                                    new CurvePoint(code, learnt.curve().stops(code), ToneCurve.SRGB.stops(code)))
                            .toList());
        }
    }

    @GetMapping("/api/tone-curves")
    @Operation(operationId = "toneCurves", summary = "The tone curves of a camera that brackets told")
    List<ToneCurveAnswer> of(@RequestParam String camera) {
        return store.of(camera).stream().map(ToneCurveAnswer::of).toList();
    }

    /** @param style the picture style that the camera is set to, in words */
    record BracketQuestion(String style) {

        String words() {
            String words = style.strip();
            if (words.isEmpty() || words.length() > LONGEST_STYLE) {
                throw new Refused(
                        "style",
                        "Name the picture style that the camera is set to, in %d letters at most"
                                .formatted(LONGEST_STYLE));
            }
            return words;
        }
    }

    @PostMapping("/api/frames/{id}/tone-curve")
    @Operation(
            operationId = "learnToneCurve",
            summary =
                    "Learn a camera's tone curve from a frame and those of the same camera and set that only aperture or ISO tell apart")
    CompletableFuture<List<ToneCurveAnswer>> learn(@PathVariable UUID id, @RequestBody BracketQuestion question) {
        StoredFrame frame = frames.find(id).orElseThrow(FrameController::missing);
        String style = question.words();
        return computing.slowly(() -> {
            store.keep(frame.camera(), style, reader.toneCurve(frame));
            return of(frame.camera());
        });
    }

    /** @param style empty for sRGB, as files say of themselves */
    record ToneCurveInUse(String camera, String style) {}

    @PutMapping("/api/tone-curves/in-use")
    @Operation(
            operationId = "useToneCurve",
            summary = "Have a camera's frames read by one of its tone curves, or as sRGB")
    List<ToneCurveAnswer> use(@RequestBody ToneCurveInUse asked) {
        if (!store.use(asked.camera(), asked.style())) {
            throw missing();
        }
        return of(asked.camera());
    }

    @DeleteMapping("/api/tone-curves")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteToneCurve", summary = "Delete a tone curve; its bracket tells it again")
    void delete(@RequestParam String camera, @RequestParam String style) {
        if (!store.delete(camera, style)) {
            throw missing();
        }
    }

    private static Missing missing() {
        return new Missing("There is no such tone curve; it may have been deleted");
    }
}
