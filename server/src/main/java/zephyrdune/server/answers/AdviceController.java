package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.ambient.AmbientLevel;
import zephyrdune.answers.move.Change;
import zephyrdune.answers.move.PowerHelp;
import zephyrdune.answers.move.SameSoftness;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** What to do next about power, room light and softness. */
@RestController
@Tag(name = "advice", description = "Power at the dial's end, room light, the same softness elsewhere")
class AdviceController {

    private final ComputeLimiter computing;

    AdviceController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** A reading before and after, in the unit of its kind; null where there is nothing to read. */
    record ChangeAnswer(
            ReadingKind kind,
            @Schema(types = {"number", "null"}) Double before,
            @Schema(types = {"number", "null"}) Double after) {

        static ChangeAnswer of(Change change) {
            return new ChangeAnswer(change.kind(), nullable(change.before()), nullable(change.after()));
        }
    }

    /**
     * One way out at the end of the light's control.
     *
     * @param leftStops still missing after it; zero or less when it is enough
     */
    record HelpAnswer(
            PowerHelp.Way way,
            String words,
            TableSet set,
            double gainedStops,
            double leftStops,
            List<ChangeAnswer> changes) {

        static HelpAnswer of(PowerHelp help) {
            return new HelpAnswer(
                    help.way(),
                    help.way().words(),
                    help.set(),
                    help.gained(),
                    help.left(),
                    help.changes().stream().map(ChangeAnswer::of).toList());
        }
    }

    /** A mark of the light's own control. */
    record DialMarkAnswer(String text, double belowStops) {}

    /** A kind of room and about how bright it is. */
    record PlaceLight(AmbientLevel.Place place, double lux, double kelvin) {

        static PlaceLight of(AmbientLevel.Place place) {
            return new PlaceLight(place, place.lux(), place.kelvin());
        }
    }

    /** How the room's light was found out. */
    enum LevelBy {
        METER,
        FRAME
    }

    /** Illuminance on the table. */
    record LevelAnswer(double lux) {}

    /** A set, and one whose light is to be put in its place. */
    record Exchange(TableSet set, TableSet other) {}

    /** Distances in metres for equal edges, null where there is none; the other light at the first of them. */
    record SoftnessAnswer(
            @Schema(types = {"number", "null"}) Double atTip,
            @Schema(types = {"number", "null"}) Double atSide,
            TableSet set,
            List<ChangeAnswer> changes) {

        static SoftnessAnswer of(SameSoftness same) {
            return new SoftnessAnswer(
                    nullable(same.atTip()),
                    nullable(same.atSide()),
                    same.set(),
                    same.changes().stream().map(ChangeAnswer::of).toList());
        }
    }

    static Double nullable(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    @PostMapping("/api/power-help")
    @Operation(
            operationId = "powerHelp",
            summary = "What to do when the light's control has come to its end; nothing while it has not")
    CompletableFuture<List<HelpAnswer>> powerHelp(@RequestBody TableSet set) {
        return computing.quickly(
                set, () -> PowerHelp.of(set).stream().map(HelpAnswer::of).toList());
    }

    @PostMapping("/api/dial-marks")
    @Operation(operationId = "dialMarks", summary = "Every mark of the light's control, from full downwards")
    List<DialMarkAnswer> dialMarks(@RequestBody TableSet set) {
        return set.light().marks().stream()
                .map(mark -> new DialMarkAnswer(mark.text(), mark.below()))
                .toList();
    }

    @GetMapping("/api/place-lights")
    @Operation(operationId = "placeLights", summary = "About how bright kinds of rooms are")
    List<PlaceLight> placeLights() {
        return Arrays.stream(AmbientLevel.Place.values()).map(PlaceLight::of).toList();
    }

    @PostMapping("/api/room-levels")
    @Operation(
            operationId = "roomLevel",
            summary =
                    "The room's illuminance by a meter's EV at ISO 100, or by how many stops a frame with the light off came out")
    LevelAnswer roomLevel(@RequestParam LevelBy by, @RequestParam double value, @RequestBody TableSet set) {
        AmbientLevel.Stated stated = new AmbientLevel.Stated(value);
        return new LevelAnswer(
                by == LevelBy.METER ? AmbientLevel.ofMeter(stated) : AmbientLevel.ofFrame(set.exposure(), stated));
    }

    @PostMapping("/api/same-softness")
    @Operation(
            operationId = "sameSoftness",
            summary = "Where another light throws the same edges as a set's own, and what differs there")
    CompletableFuture<SoftnessAnswer> sameSoftness(@RequestBody Exchange exchange) {
        return computing.quickly(
                exchange.set(),
                () -> SoftnessAnswer.of(
                        SameSoftness.of(exchange.set(), exchange.other().light())));
    }
}
