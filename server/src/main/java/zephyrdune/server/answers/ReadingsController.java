package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.measure.Unit;
import zephyrdune.readings.Reading;
import zephyrdune.readings.ReadingKind;
import zephyrdune.readings.Readings;
import zephyrdune.table.TableSet;

@RestController
@Tag(name = "answers", description = "What the light model says of a set")
class ReadingsController {

    /**
     * One reading.
     *
     * @param value in the unit of its kind; null when there is nothing to read
     * @param note why there is none, or what to know about it
     */
    record ReadingAnswer(
            ReadingKind kind,
            @Schema(types = {"number", "null"}) Double value,
            String note,
            List<Point> places) {

        static ReadingAnswer of(Reading reading) {
            return new ReadingAnswer(
                    reading.kind(),
                    reading.value().isPresent() ? reading.value().getAsDouble() : null,
                    reading.note(),
                    reading.places().stream().map(Point::of).toList());
        }
    }

    /** The words that go with every reading of a kind. */
    record KindAnswer(
            ReadingKind kind, String title, Unit unit, String meaning, String formula, String source, String movedBy) {

        static KindAnswer of(ReadingKind kind) {
            return new KindAnswer(
                    kind, kind.title(), kind.unit(), kind.meaning(), kind.formula(), kind.source(), kind.movedBy());
        }
    }

    @PostMapping("/api/readings")
    @Operation(operationId = "readings", summary = "Every reading of a set")
    List<ReadingAnswer> readings(@RequestBody TableSet set) {
        return Readings.of(set).stream().map(ReadingAnswer::of).toList();
    }

    @GetMapping("/api/reading-kinds")
    @Operation(operationId = "readingKinds", summary = "What each reading means and where its formula comes from")
    List<KindAnswer> kinds() {
        return Arrays.stream(ReadingKind.values()).map(KindAnswer::of).toList();
    }
}
