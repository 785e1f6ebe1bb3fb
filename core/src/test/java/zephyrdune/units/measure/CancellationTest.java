package zephyrdune.units.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** Work and its helpers end when the thread that asked is interrupted, whatever that thread does meanwhile. */
public class CancellationTest {

    private static final int PATIENCE_SECONDS = 20;

    @Test
    public void asksAfterTheThreadsOwnInterruption() {
        Cancellation.check();
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(Cancellation::check).isInstanceOf(CancellationException.class);
            assertThat(Thread.currentThread().isInterrupted()).isTrue();
        } finally {
            Thread.interrupted();
        }
    }

    @Test
    public void helpComesToWhatItComesTo() {
        assertThat(Cancellation.aside(() -> 42).outcome()).isEqualTo(42);
        assertThatThrownBy(() -> Cancellation.aside(() -> {
                            throw new Refused("light", "it cannot be");
                        })
                        .outcome())
                .isInstanceOf(Refused.class);
        assertThat(Cancellation.helpers(Thread.currentThread())).isEmpty();
    }

    /** A helper that looks seldom, and only after its thread was interrupted while it waited: a hundred times, none goes on. */
    @Test(timeOut = 60_000)
    public void helpersEndThoughTheyLookSeldom() throws InterruptedException {
        for (int i = 0; i < 100; i++) {
            CountDownLatch begun = new CountDownLatch(1);
            CountDownLatch over = new CountDownLatch(1);
            AtomicReference<Throwable> end = new AtomicReference<>();
            Thread asking = new Thread(() -> {
                try {
                    Cancellation.aside(() -> worksForEver(begun, over)).outcome();
                } catch (CancellationException ended) {
                    end.set(ended);
                    // as a pool does that takes its thread back
                    Thread.interrupted();
                }
            });
            asking.start();
            assertThat(begun.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
            asking.interrupt();
            asking.join();
            assertThat(end.get()).isInstanceOf(CancellationException.class);
            assertThat(over.await(PATIENCE_SECONDS, TimeUnit.SECONDS))
                    .as("round " + i)
                    .isTrue();
        }
    }

    /** Looks every two milliseconds whether it is to end. */
    private static Object worksForEver(CountDownLatch begun, CountDownLatch over) {
        begun.countDown();
        try {
            while (true) {
                pause();
                Cancellation.check();
            }
        } finally {
            over.countDown();
        }
    }

    private static void pause() {
        long until = System.nanoTime() + 2_000_000;
        while (System.nanoTime() < until) {
            Thread.onSpinWait();
        }
    }

    /** With all helpers busy elsewhere, the thread that asks does all by itself and waits for nobody. */
    @Test(timeOut = 60_000)
    public void busyHelpersAreNotWaitedFor() {
        CountDownLatch over = new CountDownLatch(1);
        List<Cancellation.Aside<Boolean>> busy = IntStream.range(0, 2 * ForkJoinPool.getCommonPoolParallelism())
                .mapToObj(i -> Cancellation.aside(() -> await(over)))
                .toList();
        assertThat(Cancellation.onAllCores(List.of(1, 2, 3), i -> i * i)).containsExactly(1, 4, 9);
        over.countDown();
        assertThat(busy).allMatch(Cancellation.Aside::outcome);
    }

    private static boolean await(CountDownLatch over) {
        try {
            return over.await(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            return false;
        }
    }

    /** Helpers of helpers count for the thread that asked first, and end with it. */
    @Test(timeOut = 60_000)
    public void helpersOfHelpersWorkForTheFirst() throws InterruptedException {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch over = new CountDownLatch(1);
        AtomicBoolean counted = new AtomicBoolean();
        Thread asking = new Thread(() -> {
            try {
                Cancellation.aside(() -> Cancellation.aside(() -> worksForEver(begun, over))
                                .outcome())
                        .outcome();
            } catch (CancellationException ended) {
                Thread.interrupted();
            }
        });
        asking.start();
        assertThat(begun.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
        counted.set(Cancellation.helpers(asking).size() == 2);
        asking.interrupt();
        asking.join();
        assertThat(over.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
        assertThat(counted).isTrue();
    }
}
