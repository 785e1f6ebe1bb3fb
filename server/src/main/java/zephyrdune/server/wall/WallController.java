package zephyrdune.server.wall;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.wall.WallProfile;
import zephyrdune.devices.PracticeWall;
import zephyrdune.devices.Sensor;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.server.frames.ToneCurveStore;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.Shaper;
import zephyrdune.units.measure.Refused;

/** The wall test: one frame of a plain wall for each shaper, and what they say of them. */
@RestController
@Tag(name = "wall test", description = "What a light's beam across a plain wall says of the shapers before it")
class WallController {

    private static final int MOST_SHAPERS = 12;

    private final WallStore store;
    private final ToneCurveStore curves;
    private final ComputeLimiter computing;
    private final Clock clock;

    WallController(WallStore store, ToneCurveStore curves, ComputeLimiter computing, Clock clock) {
        this.store = store;
        this.curves = curves;
        this.computing = computing;
        this.clock = clock;
    }

    /**
     * How the light and the camera stand before the wall.
     *
     * @param kit one source, and the shapers to test
     * @param distanceMetres from the shaper's front to the wall
     * @param framedWidthMetres of the wall that the frame shows from side to side, on the level of the beam's middle
     * @param aperture f-number that the camera is set to
     * @param speed ISO
     */
    record BeginWallTest(
            Kit kit,
            double distanceMetres,
            double framedWidthMetres,
            double aperture,
            double shutterSeconds,
            double speed) {

        WallDocument document() {
            if (kit.sources().size() != 1) {
                throw new Refused(
                        "kit.sources",
                        "A wall test is of one source; %d were given"
                                .formatted(kit.sources().size()));
            }
            int shapers = kit.shapers().size();
            if (shapers == 0 || shapers > MOST_SHAPERS) {
                throw new Refused(
                        "kit.shapers",
                        "A wall test is of 1 to %d shapers; %d were given".formatted(MOST_SHAPERS, shapers));
            }
            WallDocument document = new WallDocument(
                    kit, distanceMetres, framedWidthMetres, aperture, shutterSeconds, speed, List.of());
            for (int i = 0; i < shapers; i++) {
                requireFitting(document, i);
            }
            return document;
        }

        private void requireFitting(WallDocument document, int at) {
            Shaper shaper = kit.shapers().get(at);
            try {
                document.setup().light(shaper);
            } catch (Refused refused) {
                throw refused.field().startsWith("distance") || refused.field().startsWith("framed")
                        ? refused
                        : new Refused("kit.shapers[%d]".formatted(at), shaper.name() + ": " + refused.getMessage());
            }
        }
    }

    @GetMapping("/api/wall-test")
    @Operation(
            operationId = "wallTest",
            summary = "The wall test that is under way, and what it found so far; 204 where there is none")
    @ApiResponse(responseCode = "200", useReturnTypeSchema = true)
    @ApiResponse(responseCode = "204", description = "None is under way", content = @Content)
    CompletableFuture<ResponseEntity<WallAnswer>> get() {
        Optional<WallDocument> test = store.find();
        return test.isEmpty()
                ? CompletableFuture.completedFuture(ResponseEntity.noContent().build())
                : computing.slowly(() -> ResponseEntity.ok(WallAnswer.of(test.get())));
    }

    @PutMapping("/api/wall-test")
    @Operation(operationId = "beginWallTest", summary = "Begin a wall test in the place of the one before")
    CompletableFuture<WallAnswer> begin(@RequestBody BeginWallTest asked) {
        WallDocument test = asked.document();
        store.begin(test);
        return computing.slowly(() -> WallAnswer.of(test));
    }

    @DeleteMapping("/api/wall-test")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "endWallTest", summary = "Put the wall test away; what was taken into the kit stays there")
    void end() {
        store.delete();
    }

    @PostMapping(value = "/api/wall-test/frames", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(
            operationId = "addWallFrame",
            summary = "Read the frame of a shaper, a JPEG, PNG or TIFF file, in the place of the one before")
    CompletableFuture<WallAnswer> add(@RequestParam String shaper, HttpServletRequest request) throws IOException {
        byte[] file = request.getInputStream().readNBytes(PhotographFile.LONGEST_FILE + 1);
        Shaper tested = tested(shaper);
        return computing.slowly(() -> {
            PhotographFile read = read(file);
            WallProfile profile =
                    WallProfile.of(new FrameFile(read.picture(), read.settings(), curves.inUse(read.camera())));
            return WallAnswer.of(store.change(test -> test.with(new WallDocument.TakenProfile(
                    tested.name(), test.setup().mark(tested).below(), profile))));
        });
    }

    private static PhotographFile read(byte[] file) {
        try {
            return PhotographFile.read(file);
        } catch (BadFile bad) {
            throw new CompletionException(bad);
        }
    }

    @DeleteMapping("/api/wall-test/frames")
    @Operation(operationId = "removeWallFrame", summary = "Forget the frame of a shaper")
    CompletableFuture<WallAnswer> remove(@RequestParam String shaper) {
        WallDocument test = store.change(before -> before.withoutFrame(shaper));
        return computing.slowly(() -> WallAnswer.of(test));
    }

    /** @param kit which of the possible kits stands there: the same number is always the same one */
    @PostMapping(value = "/api/wall-test/practice-frames", produces = MediaType.IMAGE_JPEG_VALUE)
    @Operation(
            operationId = "takePracticeWallFrame",
            summary =
                    "Have the practice camera take the wall with a shaper as it really is; the file as a camera writes it")
    CompletableFuture<byte[]> practise(@RequestParam long kit, @RequestParam String shaper) {
        WallDocument test = test();
        Shaper tested = tested(shaper);
        return computing.slowly(() -> new PracticeWall(kit, Sensor.USUAL)
                .take(
                        test.setup(),
                        tested,
                        test.setup().mark(tested).below(),
                        LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC)));
    }

    private WallDocument test() {
        return store.find().orElseThrow(WallStore::missing);
    }

    private Shaper tested(String shaper) {
        return test().shaper(shaper)
                .orElseThrow(() -> new Missing("“%s” is not among the shapers of this wall test".formatted(shaper)));
    }
}
