package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.RunSheetCalendar;
import zephyrdune.formats.RunSheetCsv;
import zephyrdune.formats.RunSheetPdf;
import zephyrdune.formats.SheetLengths;
import zephyrdune.formats.ShootClock;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.PackingList;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunState;

/** Run sheets: worked out of a shoot, what happened at it, and what its changes took so far. */
@RestController
@Tag(name = "run sheets", description = "When each dish of a shoot has its turn")
class RunSheetController {

    private final TimedChanges timed;
    private final ShootSets sets;
    private final ComputeLimiter computing;
    private final Clock clock;

    RunSheetController(TimedChanges timed, ShootSets sets, ComputeLimiter computing, Clock clock) {
        this.timed = timed;
        this.sets = sets;
        this.computing = computing;
        this.clock = clock;
    }

    /**
     * What a run sheet is asked for.
     *
     * @param events what happened at the shoot so far
     * @param now from when on it is to be; null for from the shoot's start
     */
    record RunSheetQuestion(Shoot shoot, List<StoredEvent> events, Optional<Instant> now) {}

    /** Files that a run sheet is written to. */
    enum RunSheetFile {
        CSV("text/csv", "csv"),
        CALENDAR("text/calendar", "ics"),
        PDF("application/pdf", "pdf");

        private final String type;
        private final String ending;

        RunSheetFile(String type, String ending) {
            this.type = type;
            this.ending = ending;
        }
    }

    @PostMapping("/api/run-sheets")
    @Operation(
            operationId = "runSheet",
            summary = "The best order of what is left of a shoot, and why; nothing is saved")
    CompletableFuture<RunSheetAnswer> sheet(@RequestBody RunSheetQuestion question) {
        return computing.slowly(() -> answer(question));
    }

    @PostMapping("/api/run-sheet-files")
    @FileAnswer
    @Operation(operationId = "runSheetFile", summary = "The same as a file")
    CompletableFuture<ResponseEntity<byte[]>> file(
            @RequestParam RunSheetFile kind,
            @RequestParam(defaultValue = "CENTIMETRES") SheetLengths lengths,
            @RequestBody RunSheetQuestion question) {
        return computing.slowly(() -> {
            ShootClock times = ShootClock.of(question.shoot());
            Map<String, MeasuredSet> kept = sets.measured(question.shoot());
            RunSheet sheet = of(question, times, kept);
            byte[] bytes = bytes(kind, question.shoot(), sheet, times, kit(kept), lengths);
            return ResponseEntity.ok()
                    .header(
                            HttpHeaders.CONTENT_DISPOSITION,
                            ContentDisposition.attachment()
                                    .filename(
                                            "run-sheet-" + question.shoot().date() + "." + kind.ending,
                                            StandardCharsets.UTF_8)
                                    .build()
                                    .toString())
                    .header(
                            HttpHeaders.CONTENT_TYPE,
                            kind == RunSheetFile.PDF ? kind.type : kind.type + ";charset=utf-8")
                    .body(bytes);
        });
    }

    private static PackingList kit(Map<String, MeasuredSet> kept) {
        return PackingList.of(kept.values().stream().map(MeasuredSet::set).toList());
    }

    private byte[] bytes(
            RunSheetFile kind, Shoot shoot, RunSheet sheet, ShootClock times, PackingList kit, SheetLengths lengths) {
        return switch (kind) {
            case CSV -> RunSheetCsv.write(sheet, times);
            case CALENDAR -> RunSheetCalendar.write(shoot, sheet, times, clock.instant());
            case PDF -> RunSheetPdf.write(shoot, sheet, times, kit, lengths);
        };
    }

    private RunSheetAnswer answer(RunSheetQuestion question) {
        ShootClock times = ShootClock.of(question.shoot());
        Map<String, MeasuredSet> kept = sets.measured(question.shoot());
        StepMinutes minutes = timed.learnt();
        RunState state = state(question, times);
        Optional<RoomLight> room = times.room(question.shoot());
        RunSheet sheet = RunSheet.of(question.shoot(), kept, minutes, state, room);
        return RunSheetAnswer.of(
                question.shoot(), sheet, times, room, state, minutes, sets.missing(question.shoot(), kept));
    }

    private RunSheet of(RunSheetQuestion question, ShootClock times, Map<String, MeasuredSet> kept) {
        return RunSheet.of(
                question.shoot(), kept, timed.learnt(), state(question, times), times.room(question.shoot()));
    }

    private static RunState state(RunSheetQuestion question, ShootClock times) {
        return TimedChanges.happened(question.shoot(), question.events(), times)
                .state(question.now().map(times::minute).orElse(times.startMinute()));
    }
}
