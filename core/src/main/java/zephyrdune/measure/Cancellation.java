package zephyrdune.measure;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;

/**
 * Where long work can be ended from outside. Whoever wants it ended interrupts the thread that asked for it; loops whose length depends on
 * what is asked call {@link #check()} once a turn.
 */
public final class Cancellation {

    /** Of helpers that work for another thread, the one that waits for the outcome. */
    private static final ThreadLocal<Thread> ASKING = new ThreadLocal<>();

    private Cancellation() {}

    /** @throws CancellationException when the thread that asked for the work has been interrupted; it stays so */
    public static void check() {
        Thread asking = ASKING.get();
        if ((asking == null ? Thread.currentThread() : asking).isInterrupted()) {
            throw new CancellationException("The work was ended before it was done");
        }
    }

    /** Begins work on another thread, for this one, until this one is interrupted. */
    public static <T> CompletableFuture<T> aside(Supplier<T> work) {
        Thread asking = Thread.currentThread();
        return CompletableFuture.supplyAsync(() -> onBehalfOf(asking, work), ForkJoinPool.commonPool());
    }

    /** What work that was begun aside comes to; its failure is this one's. */
    public static <T> T outcome(CompletableFuture<T> work) {
        try {
            return work.join();
        } catch (CompletionException failure) {
            throw failure.getCause() instanceof RuntimeException cause ? cause : failure;
        }
    }

    /** Does work for another thread, until that one is interrupted. */
    public static void onBehalfOf(Thread asking, Runnable work) {
        Supplier<Void> done = () -> {
            work.run();
            return null;
        };
        onBehalfOf(asking, done);
    }

    private static <T> T onBehalfOf(Thread asking, Supplier<T> work) {
        Thread before = ASKING.get();
        ASKING.set(asking);
        try {
            return work.get();
        } finally {
            ASKING.set(before);
        }
    }
}
