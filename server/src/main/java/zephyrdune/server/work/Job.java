package zephyrdune.server.work;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import zephyrdune.units.measure.Cancellation;

/**
 * One computation: waits for its turn, runs on one thread, and is ended by an interrupt of that thread when it has taken more than its
 * budget or when nobody waits for it any more.
 *
 * @param <T> what it finds
 */
final class Job<T> implements Runnable {

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static final long NANOS = 1_000_000_000;
    private static final long PATIENCE_NANOS = NANOS / 4;

    private final CompletableFuture<T> outcome = new CompletableFuture<>();
    private final Supplier<T> work;
    private final Supplier<String> why;
    private final Asker asker;
    private final long budgetSeconds;
    private final long asked = System.nanoTime();

    private final long reading;

    // guarded by this
    private Thread thread;
    private long begun;
    private long helped;
    private final Map<Thread, Long> helpers = new HashMap<>();
    private RuntimeException ending;

    /**
     * @param why in words, what makes it heavy if it should turn out to be
     * @param reading CPU time that has already gone into it, nanoseconds
     */
    Job(Supplier<T> work, Supplier<String> why, Asker asker, long budgetSeconds, long reading) {
        this.reading = reading;
        this.work = work;
        this.why = why;
        this.asker = asker;
        this.budgetSeconds = budgetSeconds;
    }

    /** CPU time of this thread, nanoseconds. */
    static long cpu() {
        return THREADS.getCurrentThreadCpuTime();
    }

    CompletableFuture<T> outcome() {
        return outcome;
    }

    @Override
    public void run() {
        if (!begin()) {
            outcome.completeExceptionally(ending);
            return;
        }
        try {
            T found = work.get();
            end();
            outcome.complete(found);
        } catch (CancellationException e) {
            outcome.completeExceptionally(end() == null ? e : ending);
        } catch (RuntimeException | Error e) {
            end();
            outcome.completeExceptionally(e);
        }
    }

    private synchronized boolean begin() {
        if (ending == null && left()) {
            ending = new Left();
        }
        if (ending != null) {
            return false;
        }
        thread = Thread.currentThread();
        begun = cpu();
        return true;
    }

    /** Finding that out takes some milliseconds, so it is not asked of work that may be done by then. */
    private boolean left() {
        return System.nanoTime() - asked > PATIENCE_NANOS && asker.left();
    }

    /** From here on no interrupt comes; returns why it was ended, if it was. */
    private synchronized RuntimeException end() {
        thread = null;
        // the next job on this thread starts afresh
        Thread.interrupted();
        return ending;
    }

    /** CPU time so far, of its thread and of those that help it. */
    private long spent() {
        List<Thread> now = Cancellation.helpers(thread);
        helpers.keySet().retainAll(now);
        for (Thread helper : now) {
            long at = THREADS.getThreadCpuTime(helper.getId());
            if (at < 0) {
                // it has just ended
                continue;
            }
            Long before = helpers.put(helper, at);
            helped += before == null ? 0 : at - before;
        }
        return reading + helped + THREADS.getThreadCpuTime(thread.getId()) - begun;
    }

    /** Ends it where there is a reason to. */
    synchronized void watch() {
        if (ending != null || outcome.isDone()) {
            return;
        }
        if (thread != null && spent() > budgetSeconds * NANOS) {
            ending = new TooHeavy(budgetSeconds, why.get());
        } else if (left()) {
            ending = new Left();
        }
        if (ending != null && thread != null) {
            thread.interrupt();
        }
    }
}
