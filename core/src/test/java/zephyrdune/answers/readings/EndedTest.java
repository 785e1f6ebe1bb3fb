package zephyrdune.answers.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicReference;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.plan.Plan;
import zephyrdune.answers.steps.Step;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slats;
import zephyrdune.set.surface.Surface;

/** Long work ends when the thread that asked for it is interrupted, in the middle of whatever it is at. */
public class EndedTest {

    /** Six cards of hundreds of slats each, one behind the other. */
    private static TableSet heavy() {
        Card slats = new Card(Surface.BLACK_PAPER, 0.6, 0.6, 10 * Math.PI / 6, 0.4, 0.1, 0, -0.7)
                .withCut(Cut.of(new Slats(0.002, 0.002)));
        return Sets.chowder()
                .withCards(List.of(
                        slats,
                        slats.withDistance(0.42),
                        slats.withDistance(0.44),
                        slats.withDistance(0.46),
                        slats.withDistance(0.48),
                        slats.withDistance(0.5)));
    }

    @DataProvider
    Object[][] work() {
        return new Object[][] {
            {(Runnable) () -> Readings.of(heavy())},
            {(Runnable) () -> Plan.of(heavy(), 1.5, 121)},
            {(Runnable) () -> Step.of(heavy())},
        };
    }

    @Test(dataProvider = "work", timeOut = 60_000)
    public void endsSoon(Runnable work) throws InterruptedException {
        AtomicReference<Throwable> end = new AtomicReference<>();
        Thread thread = new Thread(() -> {
            try {
                while (true) {
                    work.run();
                }
            } catch (CancellationException ended) {
                end.set(ended);
            }
        });
        thread.start();
        Thread.sleep(700);
        thread.interrupt();
        thread.join(20_000);
        assertThat(thread.isAlive()).isFalse();
        assertThat(end.get()).isNotNull();
    }

    @Test
    public void aReadingThatIsEndedIsNotTakenForOneThatFailed() {
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> Readings.of(Sets.chowder())).isInstanceOf(CancellationException.class);
        } finally {
            assertThat(Thread.interrupted()).isTrue();
        }
    }
}
