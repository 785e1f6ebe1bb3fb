package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.server.shoots.RunSheetAnswer.ChangeStepAnswer;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.StepMinutes;

@RestController
@Tag(name = "run sheets")
class SetChangeController {

    private final ComputeLimiter computing;

    SetChangeController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /**
     * @param stands the set that stands now
     * @param wanted the one that is to stand
     */
    record SetChangeQuestion(TableSet stands, TableSet wanted) {}

    @PostMapping("/api/set-changes")
    @Operation(
            operationId = "setChange",
            summary = "What to move, put up and take away to rebuild a set from another, in the order it is done")
    CompletableFuture<List<ChangeStepAnswer>> change(@RequestBody SetChangeQuestion question) {
        return computing.quickly(
                question.wanted(),
                () -> ChangeStepAnswer.of(
                        SetChange.between(MeasuredSet.of(question.stands()), MeasuredSet.of(question.wanted())),
                        StepMinutes.USUAL));
    }
}
