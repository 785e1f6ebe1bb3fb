package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.move.Move;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

@RestController
@Tag(name = "answers")
class MoveController {

    private final ComputeLimiter computing;

    MoveController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /**
     * What to move for a wanted reading.
     *
     * @param set with it moved; null when no place of the lever gives the reading, and so are the numbers
     * @param metres where the lever is then
     * @param reached the reading there
     * @param makeUpStops what the power has to go up by to keep the hero's exposure
     */
    record MoveAnswer(
            @Schema(nullable = true) TableSet set,
            @Schema(types = {"number", "null"}) Double metres,
            @Schema(types = {"number", "null"}) Double reached,
            @Schema(types = {"number", "null"}) Double makeUpStops) {

        static final MoveAnswer NONE = new MoveAnswer(null, null, null, null);

        static MoveAnswer of(Move move) {
            return new MoveAnswer(move.set(), move.to(), move.reached(), move.makeUp());
        }
    }

    @PostMapping("/api/moves")
    @Operation(
            operationId = "move",
            summary = "The nearest place of one lever at which a reading has the wanted value, in the reading's unit")
    CompletableFuture<MoveAnswer> move(
            @RequestParam ReadingKind reading,
            @RequestParam double wanted,
            @RequestParam Lever lever,
            @RequestBody TableSet set) {
        return computing.quickly(
                set,
                () -> Optional.of(wanted)
                        .filter(Double::isFinite)
                        .flatMap(value -> Move.find(set, reading, value, lever))
                        .map(MoveAnswer::of)
                        .orElse(MoveAnswer.NONE));
    }
}
