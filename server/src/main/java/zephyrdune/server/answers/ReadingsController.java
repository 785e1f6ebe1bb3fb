package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.look.Fit;
import zephyrdune.answers.look.Verdict;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.move.Target;
import zephyrdune.answers.readings.Plausibility;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingGroup;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.formats.ReadingsFile;
import zephyrdune.light.chain.Chain;
import zephyrdune.light.chain.Link;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.light.Origin;
import zephyrdune.set.look.Aspect;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.sampling.Sureness;

@RestController
@Tag(name = "answers", description = "What the light model says of a set")
class ReadingsController {

    private final ComputeLimiter computing;

    ReadingsController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /**
     * One reading.
     *
     * @param value in the unit of its kind; null when there is nothing to read
     * @param text the value as read off a scale or called by name; may be empty
     * @param word what photographers call such a value; may be empty
     * @param ruleOfThumb for comparison alone; null where there is none
     * @param note why there is none, or what to know about it
     * @param alarm whether the picture does not come out as it is meant with it; the note says why
     * @param uncertainty standard error of a value that was found by sampling, in the unit of its kind; null where it is not worth saying
     */
    record ReadingAnswer(
            ReadingKind kind,
            @Schema(types = {"number", "null"}) Double value,
            String text,
            String word,
            Optional<Reading.Rule> ruleOfThumb,
            String note,
            boolean alarm,
            List<Point> places,
            @Schema(types = {"number", "null"}) Double uncertainty) {

        static ReadingAnswer of(Reading reading) {
            return new ReadingAnswer(
                    reading.kind(),
                    reading.value().isPresent() ? reading.value().getAsDouble() : null,
                    reading.text(),
                    reading.word(),
                    reading.rule(),
                    reading.note(),
                    reading.alarm(),
                    reading.places().stream().map(Point::of).toList(),
                    reading.uncertainty().isPresent() ? reading.uncertainty().getAsDouble() : null);
        }
    }

    /** Something in the set that can be, but hardly is; the field as the set file names it. */
    record DoubtAnswer(String field, String words) {

        static DoubtAnswer of(Plausibility doubt) {
            return new DoubtAnswer(ReadingsFile.field(doubt.field()), doubt.words());
        }
    }

    /**
     * One thing on the way of the light from source to face; lengths in metres, angles in radians.
     *
     * @param field of the set file that it is stated in
     * @param origin where its numbers come from; null where that is not known
     */
    record LinkAnswer(
            Link.Kind kind,
            String title,
            String effect,
            String field,
            double lossStops,
            double across,
            double along,
            double used,
            double spread,
            @Schema(nullable = true) Origin origin) {

        static LinkAnswer of(Link link) {
            return new LinkAnswer(
                    link.kind(),
                    link.title(),
                    link.kind().effect(),
                    ReadingsFile.field(link.field()),
                    link.loss(),
                    link.across(),
                    link.along(),
                    link.used(),
                    link.spread(),
                    link.origin().orElse(null));
        }
    }

    /**
     * All that is read of a set.
     *
     * @param unsure whether asking again for the set at rest would tell some of it surer
     * @param look where it lies in each band of its look; empty where it has none
     */
    record ReadingsAnswer(
            List<ReadingAnswer> readings,
            boolean unsure,
            List<VerdictAnswer> look,
            List<DoubtAnswer> doubts,
            List<LinkAnswer> chain) {}

    /**
     * Where the set lies in one band of its look; values in the unit of the aspect.
     *
     * @param kind of the reading that shows it; null where none does
     * @param value null where there is nothing to read; then there is a reason
     * @param off how far out of the band, in steps that one begins to mind; negative below it, 0 within
     * @param words what misses it; empty where nothing does
     */
    record VerdictAnswer(
            Aspect aspect,
            @Schema(nullable = true) ReadingKind kind,
            double from,
            double to,
            @Schema(types = {"number", "null"}) Double value,
            String why,
            double off,
            String words) {

        static VerdictAnswer of(Verdict verdict) {
            return new VerdictAnswer(
                    verdict.band().aspect(),
                    verdict.kind().orElse(null),
                    verdict.band().from(),
                    verdict.band().to(),
                    AdviceController.nullable(verdict.value()),
                    verdict.why(),
                    verdict.off(),
                    verdict.words());
        }
    }

    /** What goes with every reading of a kind: its words, what moves it, and values often wanted of it. */
    record KindAnswer(
            ReadingKind kind,
            String title,
            String group,
            Unit unit,
            String meaning,
            String formula,
            String source,
            String movedBy,
            List<Lever> levers,
            List<Target> targets) {

        static KindAnswer of(ReadingKind kind) {
            return new KindAnswer(
                    kind,
                    kind.title(),
                    ReadingGroup.of(kind).words(),
                    kind.unit(),
                    kind.meaning(),
                    kind.formula(),
                    kind.source(),
                    kind.movedBy(),
                    Lever.of(kind),
                    Target.of(kind));
        }
    }

    /** The marks of a camera in third stops: f-numbers, times in seconds, ISO speeds. */
    record MarksAnswer(List<Double> apertures, List<Double> shutters, List<Double> speeds, List<AngleMark> angles) {}

    /** One of the usual camera angles, and the lens's elevation there. */
    record AngleMark(String word, double degrees) {

        static AngleMark of(CameraAngle angle) {
            String word = angle.name().toLowerCase(Locale.ROOT).replace('_', '-');
            return new AngleMark(word, Math.round(Math.toDegrees(angle.elevation())));
        }
    }

    @PostMapping("/api/readings")
    @Operation(
            operationId = "readings",
            summary =
                    "Every reading of a set; while it is being moved, those that are sampled no surer than can be told at once")
    CompletableFuture<ReadingsAnswer> readings(
            @RequestBody TableSet set, @RequestParam(defaultValue = "false") boolean moving) {
        return computing.quickly(set, () -> answer(set, moving));
    }

    private static ReadingsAnswer answer(TableSet set, boolean moving) {
        List<Reading> readings = Readings.of(set, moving ? Sureness.AT_ONCE : Sureness.AT_REST);
        return new ReadingsAnswer(
                readings.stream().map(ReadingAnswer::of).toList(),
                moving && Readings.unsure(readings),
                Fit.of(set, readings).stream()
                        .flatMap(fit -> fit.verdicts().stream())
                        .map(VerdictAnswer::of)
                        .toList(),
                Plausibility.about(set).stream().map(DoubtAnswer::of).toList(),
                Chain.of(set).stream().map(LinkAnswer::of).toList());
    }

    @GetMapping("/api/reading-kinds")
    @Operation(operationId = "readingKinds", summary = "What each reading means and where its formula comes from")
    List<KindAnswer> kinds() {
        return Arrays.stream(ReadingKind.values()).map(KindAnswer::of).toList();
    }

    @GetMapping("/api/marks")
    @Operation(
            operationId = "marks",
            summary = "The marks of apertures, shutters and speeds, and the usual camera angles")
    MarksAnswer marks() {
        return new MarksAnswer(
                MarkedScale.APERTURE.marks(),
                MarkedScale.SHUTTER.marks(),
                MarkedScale.SPEED.marks(),
                Arrays.stream(CameraAngle.values()).map(AngleMark::of).toList());
    }
}
