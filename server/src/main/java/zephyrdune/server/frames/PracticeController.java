package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.frame.HandMeter;
import zephyrdune.devices.PictureStyle;
import zephyrdune.devices.PracticeCamera;
import zephyrdune.devices.PracticeKit;
import zephyrdune.devices.PracticeMeter;
import zephyrdune.devices.Sensor;
import zephyrdune.server.problems.OfSet;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** A camera to practise with: it writes its frames into a folder, as any would, and the folder is watched like any. */
@RestController
@Tag(name = "practice", description = "A simulated camera to practise with")
class PracticeController {

    private final Tether tether;
    private final ComputeLimiter computing;
    private final Clock clock;
    private final Path folder;
    private final Map<Long, PracticeKit> kits = new ConcurrentHashMap<>();
    private final AtomicLong taken = new AtomicLong();

    PracticeController(Tether tether, ComputeLimiter computing, Clock clock, PracticeSettings settings) {
        this.tether = tether;
        this.computing = computing;
        this.clock = clock;
        folder = settings.path();
    }

    @PostMapping("/api/sets/{id}/practice-folder")
    @Operation(operationId = "practise", summary = "Watch the folder that the practice camera writes into")
    Tether.TetherStatus practise(@PathVariable UUID id) {
        try {
            Files.createDirectories(folder);
            clear();
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        return OfSet.keep(() -> tether.watch(id, folder.toString()));
    }

    /** Its old frames: those that came in are kept with their sets. */
    private void clear() throws IOException {
        try (DirectoryStream<Path> old = Files.newDirectoryStream(folder, "practice-*.jpg")) {
            for (Path frame : old) {
                Files.deleteIfExists(frame);
            }
        }
    }

    /** @param frames that were taken: of a bracket those that the camera has an ISO for */
    record PracticeFrames(int frames) {}

    /** Stops that the frames of a bracket are exposed by, unequal: equal ones leave a curve a wave of their own length free. */
    private static final List<Double> BRACKET = List.of(-2.0, -4 / 3.0, 0.0, 2 / 3.0, 5 / 3.0);

    /**
     * @param kit which of the possible kits stands there: the same number is always the same one
     * @param lit whether the lights are on
     * @param bracket whether five frames are taken that differ in ISO alone
     */
    @PostMapping("/api/practice-frames")
    @Operation(
            operationId = "takePracticeFrame",
            summary = "Have the practice camera take the set as it really stands, into a folder of its own")
    CompletableFuture<PracticeFrames> take(
            @RequestParam long kit,
            @RequestParam(defaultValue = "NEUTRAL") PictureStyle style,
            @RequestParam(defaultValue = "true") boolean lit,
            @RequestParam(defaultValue = "false") boolean bracket,
            @RequestBody TableSet set) {
        return computing.slowly(() -> {
            LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
            List<byte[]> frames = new PracticeCamera(
                            kits.computeIfAbsent(kit, PracticeKit::new).against(set), Sensor.USUAL, style)
                    .bracket(set, lit, now, taken.get(), bracket ? BRACKET : List.of(0.0));
            for (byte[] frame : frames) {
                write("practice-%tY%<tm%<td-%<tH%<tM%<tS-%d.jpg".formatted(now, taken.incrementAndGet()), frame);
            }
            return new PracticeFrames(frames.size());
        });
    }

    /**
     * What the practice meter shows.
     *
     * @param value as it would be read off
     */
    record PracticeReading(double value) {}

    @PostMapping("/api/practice-meter")
    @Operation(operationId = "readPracticeMeter", summary = "Have the practice meter read the light as it really is")
    CompletableFuture<PracticeReading> meter(
            @RequestParam long kit, @RequestParam HandMeter.Kind kind, @RequestBody TableSet set) {
        return computing.slowly(() -> new PracticeReading(
                new PracticeMeter(kits.computeIfAbsent(kit, PracticeKit::new).against(set))
                        .read(set, kind)
                        .value()));
    }

    /** Under another name until it is whole. */
    private void write(String name, byte[] frame) {
        try {
            Path part = Files.write(folder.resolve("." + name + ".part"), frame);
            Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
