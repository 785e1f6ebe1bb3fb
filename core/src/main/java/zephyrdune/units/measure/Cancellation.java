package zephyrdune.units.measure;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;

/**
 * Where long work can be ended from outside. Whoever wants it ended interrupts the thread that asked for it; loops whose length depends on
 * what is asked call {@link #check()} once a turn.
 */
public final class Cancellation {

    /** Of helpers that work for another thread, the one that waits for the outcome. */
    private static final ThreadLocal<Thread> ASKING = new ThreadLocal<>();

    /** The helpers at work just now, each with the thread that it works for. */
    private static final Map<Thread, Thread> HELPERS = new ConcurrentHashMap<>();

    private Cancellation() {}

    /** The threads that work for another one just now. */
    public static List<Thread> helpers(Thread asking) {
        return HELPERS.entrySet().stream()
                .filter(helper -> helper.getValue() == asking && helper.getKey() != asking)
                .map(Map.Entry::getKey)
                .toList();
    }

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

    private static void help(Thread asking) {
        ASKING.set(asking);
        if (asking == null) {
            HELPERS.remove(Thread.currentThread());
        } else {
            HELPERS.put(Thread.currentThread(), asking);
        }
    }

    private static <T> T onBehalfOf(Thread asking, Supplier<T> work) {
        Thread before = ASKING.get();
        help(asking);
        try {
            return work.get();
        } finally {
            help(before);
        }
    }
}
