package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.look.OwnLook;
import zephyrdune.answers.next.Means;
import zephyrdune.answers.next.NextMove;
import zephyrdune.answers.next.Schools;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.look.Lookbook;
import zephyrdune.set.look.NamedLook;

/** What brings a set nearer to its look. */
@RestController
@Tag(name = "looks", description = "What pictures are meant to look like")
class LookAdviceController {

    private final ComputeLimiter computing;

    LookAdviceController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /**
     * A set, and what may be done to it.
     *
     * @param kit what there is to put up
     * @param pinned what stays as it is
     */
    record NextQuestion(TableSet set, Kit kit, Set<Means.Pin> pinned, Schools schools) {}

    /**
     * One change that brings a set nearer to its look.
     *
     * @param action what is changed and how far
     * @param set after it
     * @param met bands that are met then, of all that can be read
     * @param metBefore bands that are met now
     * @param bands of the look
     * @param misses what is still missed then, each in a few words
     * @param makeUpStops that the power has to go up to keep the exposure
     */
    record NextMoveAnswer(
            NextMove.Kind kind,
            String action,
            TableSet set,
            long met,
            long metBefore,
            int bands,
            List<String> misses,
            double makeUpStops) {

        static NextMoveAnswer of(NextMove move) {
            return new NextMoveAnswer(
                    move.kind(),
                    move.action(),
                    move.set(),
                    move.after().met(),
                    move.before().met(),
                    move.after().verdicts().size(),
                    move.after().misses(),
                    move.makeUp());
        }
    }

    @PostMapping("/api/next-moves")
    @Operation(
            operationId = "nextMoves",
            summary =
                    "The single changes that bring a set nearest to its look, the best first; none where it has none, or has it")
    CompletableFuture<List<NextMoveAnswer>> nextMoves(@RequestBody NextQuestion question) {
        return computing.slowly(question.set(), () -> answer(question));
    }

    private static List<NextMoveAnswer> answer(NextQuestion question) {
        return question.set().look() instanceof NamedLook look
                ? NextMove.of(question.set(), look, new Means(question.kit(), question.pinned(), question.schools()))
                        .stream()
                        .map(NextMoveAnswer::of)
                        .toList()
                : List.of();
    }

    @GetMapping("/api/schools")
    @Operation(operationId = "usualSchools", summary = "The ways of working that most begin with")
    Schools schools() {
        return Schools.USUAL;
    }

    @PostMapping("/api/own-looks")
    @Operation(operationId = "ownLook", summary = "A look of bands round what is read of a set, alone in a lookbook")
    CompletableFuture<Lookbook> ownLook(@RequestBody TableSet set, @RequestParam String title) {
        return computing.quickly(set, () -> new Lookbook(List.of(OwnLook.of(set, title))));
    }
}
