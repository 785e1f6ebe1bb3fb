package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.SetFormat;
import zephyrdune.render.picture.MeterInFrame;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** Where the meter reads. */
@RestController
@Tag(name = "pictures")
class MeterController {

    private final ComputeLimiter computing;

    MeterController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** Where the meter reads, and where that is in the frame, 0 to 1 across and down; beyond that it is outside. */
    record MeterAnswer(Point place, double across, double down) {}

    /** A metering point as the part of a set that it is. */
    record PointAnswer(
            @Schema(ref = "#/components/schemas/MeteringPoint")
            JsonNode point) {}

    @PostMapping("/api/meter-places")
    @Operation(operationId = "meterPlace", summary = "Where the meter reads, and where that appears in the frame")
    CompletableFuture<MeterAnswer> place(@RequestBody TableSet set) {
        return computing.quickly(set, () -> answer(MeterInFrame.of(set)));
    }

    private static MeterAnswer answer(MeterInFrame meter) {
        return new MeterAnswer(Point.of(meter.place()), meter.across(), meter.down());
    }

    @PostMapping("/api/metering-points")
    @Operation(
            operationId = "meteringPoint",
            summary = "The metering point that is seen in a point of the frame, from 0 to 1 across and down")
    CompletableFuture<PointAnswer> point(
            @RequestParam double across, @RequestParam double down, @RequestBody TableSet set) {
        return computing.quickly(
                set, () -> new PointAnswer(SetFormat.part((Record) MeterInFrame.pointAt(set, across, down))));
    }
}
