package zephyrdune.server.shoots;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.shoot.balance.LoadedStand;

@RestController
@Tag(name = "shoots")
class BalanceController {

    /**
     * A stand that carries something on a boom.
     *
     * @param load kilograms
     * @param reach metres
     * @param stand kilograms
     * @param feet metres
     */
    record BalanceQuestion(double load, double reach, double stand, double feet) {}

    /**
     * @param tippingMoment newton metres; below zero while it stands by its own mass
     * @param sandbag that just balances it, kilograms
     */
    record BalanceAnswer(double tippingMoment, double sandbag) {}

    @PostMapping("/api/balance")
    @Operation(
            operationId = "balance",
            summary = "What a loaded boom turns its stand over with: an estimate, at rest on level ground")
    BalanceAnswer balance(@RequestBody BalanceQuestion question) {
        LoadedStand stand = new LoadedStand(question.load(), question.reach(), question.stand(), question.feet());
        return new BalanceAnswer(stand.tippingMoment(), stand.sandbag());
    }
}
