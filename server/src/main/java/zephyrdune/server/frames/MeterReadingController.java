package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.HandMeter;
import zephyrdune.server.problems.Missing;
import zephyrdune.server.problems.OfSet;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** What somebody reads off a hand meter, beside what is predicted of it. */
@RestController
@Tag(name = "frames")
class MeterReadingController {

    private final MeterReadingStore store;
    private final ComputeLimiter computing;

    MeterReadingController(MeterReadingStore store, ComputeLimiter computing) {
        this.store = store;
        this.computing = computing;
    }

    /**
     * What was read off.
     *
     * @param value the f-number for the set's ISO and shutter time, the exposure value at ISO 100, or lux
     * @param set as it stands
     */
    record NewMeterReading(HandMeter.Kind kind, double value, TableSet set) {}

    /**
     * What was kept of it, and what it tells.
     *
     * @param told as of a frame that has the meter for its one place
     */
    record MeterReadingTold(StoredMeterReading reading, FrameController.FrameAnswer told) {}

    @PostMapping("/api/sets/{id}/meter-readings")
    @Operation(
            operationId = "addMeterReading",
            summary =
                    "Keep what a hand meter says that is held level on the hero's lit top, and tell what it says of the light")
    CompletableFuture<MeterReadingTold> add(@PathVariable UUID id, @RequestBody NewMeterReading asked) {
        HandMeter meter = new HandMeter(asked.kind(), asked.value());
        return computing.slowly(() -> {
            FrameReading reading = FrameReading.of(asked.set(), asked.set(), meter);
            StoredMeterReading kept = OfSet.keep(() -> store.add(id, meter, asked.set(), KeptReading.of(reading)))
                    .stored();
            return new MeterReadingTold(kept, FrameController.FrameAnswer.of(reading));
        });
    }

    @GetMapping("/api/sets/{id}/meter-readings")
    @Operation(
            operationId = "meterReadings",
            summary = "What was read off hand meters on a set, in the order it was read in")
    List<StoredMeterReading> list(@PathVariable UUID id) {
        return store.of(id).stream().map(MeterReadingStore.KeptMeter::stored).toList();
    }

    @DeleteMapping("/api/meter-readings/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "deleteMeterReading", summary = "Forget what was read off a hand meter")
    void delete(@PathVariable UUID id) {
        if (!store.delete(id)) {
            throw new Missing("There is no such reading; it may have been deleted");
        }
    }
}
