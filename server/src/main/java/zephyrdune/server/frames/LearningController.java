package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.learning.HeldFrame;
import zephyrdune.answers.learning.KitLearning;
import zephyrdune.answers.learning.LearntKit;
import zephyrdune.answers.learning.LearntNumber;
import zephyrdune.answers.learning.TakenFrame;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;

/** What all test frames together say of the kit. */
@RestController
@Tag(name = "frames")
class LearningController {

    /** Frames that count, the newest: more say nothing new. */
    private static final int MOST_FRAMES = 80;

    private final FrameStore store;
    private final MeterReadingStore meters;
    private final FrameReader reader;
    private final ComputeLimiter computing;

    LearningController(FrameStore store, MeterReadingStore meters, FrameReader reader, ComputeLimiter computing) {
        this.store = store;
        this.meters = meters;
        this.reader = reader;
        this.computing = computing;
    }

    /** @param now the set as it stands on the table */
    record LearningQuestion(UUID set, TableSet now) {}

    /**
     * One number of the kit.
     *
     * @param more stops more than the set states
     * @param spread standard deviation of that
     * @param before the same before any frame
     * @param frames that say anything of it
     * @param with what it cannot be told apart from
     * @param tells the frame that would tell; empty where nothing is to be told apart
     */
    record NumberAnswer(
            String title, double more, double spread, double before, int frames, List<String> with, String tells) {

        static NumberAnswer of(LearntNumber number) {
            return new NumberAnswer(
                    number.title(),
                    number.more(),
                    number.spread(),
                    number.before(),
                    number.frames(),
                    number.with(),
                    number.with().isEmpty() ? "" : number.number().kind().frameThatTells());
        }
    }

    /**
     * A frame that all the others do not bear out.
     *
     * @param cause the likeliest, in words
     * @param off by how much, stops
     */
    record HeldAnswer(UUID frame, String cause, double off) {}

    /**
     * What is known of the kit on a set.
     *
     * @param frames that were counted
     * @param held frames that were held back
     * @param lightsMore stops by which a frame shows more of the set's lights than its numbers say
     * @param lightsSpread standard deviation of that
     * @param learnt the set with what was learnt in its numbers
     * @param stated the set with the numbers that were stated before any frame; absent where it has them
     */
    record LearningAnswer(
            int frames,
            List<HeldAnswer> held,
            List<NumberAnswer> numbers,
            double lightsMore,
            double lightsSpread,
            @Schema(nullable = true) TableSet learnt,
            @Schema(nullable = true) TableSet stated) {}

    /**
     * A frame, or what a hand meter said, with what it is of.
     *
     * @param known whether somebody says that it counts whatever the others say
     */
    private record Counted(UUID id, boolean known, TakenFrame taken) {}

    @PostMapping("/api/learning")
    @Operation(operationId = "learning", summary = "What all test frames that count say of the kit on a set")
    CompletableFuture<LearningAnswer> learning(@RequestBody LearningQuestion question) {
        return computing.slowly(() -> answer(question));
    }

    private LearningAnswer answer(LearningQuestion question) {
        List<Counted> counted = new ArrayList<>();
        for (UUID id : store.counting(MOST_FRAMES)) {
            counted(id).ifPresent(counted::add);
        }
        meters.newest(MOST_FRAMES).forEach(meter -> counted.add(counted(meter)));
        KitLearning learning = KitLearning.of(
                counted.stream().map(Counted::taken).toList(),
                frame -> counted.get(frame).known());
        List<HeldAnswer> held = learning.held().stream()
                .map(one -> held(counted.get(one.frame()).id(), one))
                .toList();
        LearntKit kit = learning.about(question.set(), question.now());
        List<LearntNumber> numbers = kit.numbers();
        return new LearningAnswer(
                counted.size() - held.size(),
                held,
                numbers.stream().map(NumberAnswer::of).toList(),
                kit.lightsMore(),
                kit.lightsSpread(),
                numbers.isEmpty() ? null : kit.learnt(),
                numbers.isEmpty() || kit.stated().equals(question.now()) ? null : kit.stated());
    }

    private static HeldAnswer held(UUID frame, HeldFrame held) {
        return new HeldAnswer(frame, held.cause().words(), held.off());
    }

    /** Nothing of one that was deleted meanwhile. */
    private Optional<Counted> counted(UUID id) {
        Optional<StoredFrame> frame = store.find(id);
        Optional<TableSet> set = store.set(id);
        Optional<UUID> of = store.setOf(id);
        if (frame.isEmpty() || set.isEmpty() || of.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Counted(
                id, Boolean.TRUE.equals(frame.get().counts()), taken(of.get(), set.get(), reader.kept(id, set.get()))));
    }

    private Counted counted(MeterReadingStore.KeptMeter meter) {
        KeptReading reading = meter.reading().orElseGet(() -> {
            KeptReading now = KeptReading.of(FrameReading.of(meter.set(), meter.set(), meter.meter()));
            meters.keepReading(meter.id(), now);
            return now;
        });
        return new Counted(meter.id(), false, taken(meter.of(), meter.set(), reading));
    }

    private static TakenFrame taken(UUID of, TableSet set, KeptReading reading) {
        return new TakenFrame(
                of,
                set,
                reading.below(),
                reading.patches().stream().map(KeptReading.KeptPatch::reading).toList());
    }
}
