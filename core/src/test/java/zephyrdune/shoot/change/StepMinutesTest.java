package zephyrdune.shoot.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import zephyrdune.shoot.change.StepMinutes.TimedChange;

/** Minutes are somebody's own once changes of theirs were timed. */
public class StepMinutesTest {

    private static final List<ChangeKind> DONE =
            List.of(ChangeKind.CAMERA_ANGLE, ChangeKind.LIGHT_PLACE, ChangeKind.CARD_UP, ChangeKind.DISH);

    private static SetChange change(List<ChangeKind> kinds) {
        return new SetChange(kinds.stream()
                .map(kind -> new ChangeStep(kind, "it", 0, List.of()))
                .toList());
    }

    /** Somebody who takes 1.6 times as long to turn the camera, half as long for the light. */
    private static double theirs(ChangeKind kind) {
        double factor = kind == ChangeKind.CAMERA_ANGLE ? 1.6 : kind == ChangeKind.LIGHT_PLACE ? 0.5 : 1;
        return factor * kind.usualMinutes();
    }

    private static List<TimedChange> timed(int count) {
        Random random = new Random(4);
        return IntStream.range(0, count)
                .mapToObj(any -> {
                    List<ChangeKind> kinds =
                            DONE.stream().filter(kind -> random.nextBoolean()).toList();
                    double minutes =
                            kinds.stream().mapToDouble(StepMinutesTest::theirs).sum();
                    return new TimedChange(change(kinds), minutes * (1 + 0.1 * random.nextGaussian()));
                })
                .filter(timed -> !timed.change().steps().isEmpty())
                .toList();
    }

    @Test
    public void asIsUsualBeforeAnythingWasTimed() {
        StepMinutes none = StepMinutes.learnt(List.of());
        for (ChangeKind kind : ChangeKind.values()) {
            assertThat(none.of(kind)).isEqualTo(StepMinutes.USUAL.of(kind)).isEqualTo(kind.usualMinutes());
        }
    }

    @Test
    public void comesToTheirOwn() {
        StepMinutes learnt = StepMinutes.learnt(timed(40));
        DONE.forEach(kind ->
                assertThat(learnt.of(kind)).as(kind.name()).isCloseTo(theirs(kind), within(0.15 * theirs(kind) + 0.2)));
        assertThat(learnt.of(ChangeKind.TABLE_TOP)).isEqualTo(ChangeKind.TABLE_TOP.usualMinutes());
    }

    @Test
    public void orderDoesNotMatterAndNothingTakesNoTime() {
        List<TimedChange> timed = new ArrayList<>(timed(12));
        StepMinutes one = StepMinutes.learnt(timed);
        Collections.reverse(timed);
        StepMinutes other = StepMinutes.learnt(timed);
        DONE.forEach(kind -> assertThat(one.of(kind)).isCloseTo(other.of(kind), within(1e-9)));
        StepMinutes absurd = StepMinutes.learnt(List.of(new TimedChange(change(List.of(ChangeKind.CAMERA_ANGLE)), 0)));
        assertThat(absurd.of(ChangeKind.CAMERA_ANGLE)).isPositive();
    }
}
