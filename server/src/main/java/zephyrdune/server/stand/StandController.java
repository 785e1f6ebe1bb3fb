package zephyrdune.server.stand;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.answers.setsheet.SheetPart;
import zephyrdune.server.problems.OfSet;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;

/** How to build a set up, and what stands already. */
@RestController
@Tag(name = "stand", description = "At the stand: what to measure and set, and what is put up already")
class StandController {

    /** A set of twelve cards has some hundred lines. */
    private static final int MOST_TICKS = 500;

    private final TickStore store;
    private final ComputeLimiter computing;

    StandController(TickStore store, ComputeLimiter computing) {
        this.store = store;
        this.computing = computing;
    }

    /**
     * @param more what to do where it stands at less, in a word
     * @param less what to do where it stands at more
     */
    record SheetLineAnswer(Measure measure, String title, Unit unit, double value, String more, String less) {

        static SheetLineAnswer of(SheetPart.SheetLine line) {
            Measure measure = line.measure();
            return new SheetLineAnswer(
                    measure, measure.title(), measure.unit(), line.value(), measure.more(), measure.less());
        }
    }

    record SheetPartAnswer(SheetPart.Kind kind, String title, int number, List<SheetLineAnswer> lines) {}

    /** @param mark that the light's power stands at, as its control says it */
    record SetSheetAnswer(List<SheetPartAnswer> parts, String mark) {

        static SetSheetAnswer of(SetSheet sheet) {
            return new SetSheetAnswer(
                    sheet.parts().stream()
                            .map(part -> new SheetPartAnswer(
                                    part.kind(),
                                    part.title(sheet),
                                    part.number(),
                                    part.lines().stream()
                                            .map(SheetLineAnswer::of)
                                            .toList()))
                            .toList(),
                    sheet.mark());
        }
    }

    @PostMapping("/api/set-sheets")
    @Operation(
            operationId = "setSheet",
            summary =
                    "What to measure with a tape, tilt and set to build a set up, part by part in the order it is done")
    CompletableFuture<SetSheetAnswer> sheet(@RequestBody TableSet set) {
        return computing.quickly(set, () -> SetSheetAnswer.of(SetSheet.of(set)));
    }

    @GetMapping("/api/sets/{id}/ticks")
    @Operation(operationId = "ticks", summary = "Lines of a set's sheet that are ticked off, and at which value")
    List<Tick> list(@PathVariable UUID id) {
        return store.of(id);
    }

    @PutMapping("/api/sets/{id}/ticks")
    @Operation(
            operationId = "putTicks",
            summary =
                    "Tick lines off, or open them again; of each line what was done last counts, whenever it comes in")
    List<Tick> keep(@PathVariable UUID id, @RequestBody List<Tick> ticks) {
        if (ticks.size() > MOST_TICKS) {
            throw new Refused("ticks", "At most %d ticks are taken at once".formatted(MOST_TICKS));
        }
        return OfSet.keep(() -> store.keep(id, ticks));
    }
}
