package zephyrdune.units.measure;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * Where long work can be ended from outside. Whoever wants it ended interrupts the thread that asked for it; loops whose length depends on
 * what is asked call {@link #check()} once a turn.
 */
public final class Cancellation {

    /** Of helpers, what they help with. */
    private static final ThreadLocal<Errand> ERRAND = new ThreadLocal<>();

    /** The helpers at work just now, each with the thread that it works for. */
    private static final Map<Thread, Thread> HELPERS = new ConcurrentHashMap<>();

    private Cancellation() {}

    /** What helps a thread that asked; helpers of helpers work for the same one. */
    private static final class Errand {

        private final Thread asking;
        private final Errand within;

        /** Set when nobody waits for it any more: a thread that waits may take its own interruption down and set it again. */
        private volatile boolean dropped;

        Errand(Thread asking, Errand within) {
            this.asking = asking;
            this.within = within;
        }

        static Errand forThisThread() {
            Errand within = ERRAND.get();
            return new Errand(within == null ? Thread.currentThread() : within.asking, within);
        }

        boolean over() {
            return dropped || asking.isInterrupted() || within != null && within.over();
        }
    }

    /**
     * Work that was begun on another thread for this one.
     *
     * @param <T> what it comes to
     */
    public static final class Aside<T> {

        private final Errand errand;
        private final CompletableFuture<T> work;

        /** What is to be done, until somebody begins on it. */
        private final AtomicReference<Supplier<T>> waiting;

        private Aside(Errand errand, Supplier<T> work) {
            this.errand = errand;
            waiting = new AtomicReference<>(work);
            this.work = CompletableFuture.supplyAsync(this::begin, ForkJoinPool.commonPool());
        }

        private T begin() {
            Supplier<T> taken = waiting.getAndSet(null);
            return taken == null ? null : help(errand, taken);
        }

        /** Waits until it is done, if anybody has begun on it; else nobody will. */
        private void endOrForget() {
            if (waiting.getAndSet(null) == null) {
                outcome();
            }
        }

        /**
         * What it comes to; its failure is this one's.
         *
         * @throws CancellationException when this thread is interrupted, and it stays so; the work is ended as well
         */
        public T outcome() {
            try {
                return work.get();
            } catch (InterruptedException e) {
                errand.dropped = true;
                Thread.currentThread().interrupt();
                throw ended();
            } catch (ExecutionException failure) {
                throw failure.getCause() instanceof RuntimeException cause
                        ? cause
                        : new IllegalStateException(failure.getCause());
            }
        }
    }

    /** The threads that work for another one just now. */
    public static List<Thread> helpers(Thread asking) {
        return HELPERS.entrySet().stream()
                .filter(helper -> helper.getValue() == asking && helper.getKey() != asking)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** @throws CancellationException when the thread that asked for the work has been interrupted; it stays so */
    public static void check() {
        Errand errand = ERRAND.get();
        if (errand == null ? Thread.currentThread().isInterrupted() : errand.over()) {
            throw ended();
        }
    }

    private static CancellationException ended() {
        return new CancellationException("The work was ended before it was done");
    }

    /** Begins work on another thread, for this one, until this one is interrupted. */
    public static <T> Aside<T> aside(Supplier<T> work) {
        return new Aside<>(Errand.forThisThread(), work);
    }

    /**
     * What comes of each of a list, in its order, worked on by this thread and one more for every other core; by this one alone while the
     * others have no time.
     */
    public static <T, R> List<R> onAllCores(List<T> all, Function<T, R> work) {
        AtomicInteger next = new AtomicInteger();
        AtomicReferenceArray<R> results = new AtomicReferenceArray<>(all.size());
        Supplier<Void> share = () -> {
            for (int i = next.getAndIncrement(); i < all.size(); i = next.getAndIncrement()) {
                check();
                results.set(i, work.apply(all.get(i)));
            }
            return null;
        };
        List<Aside<Void>> others = IntStream.range(1, Runtime.getRuntime().availableProcessors())
                .mapToObj(core -> aside(share))
                .toList();
        share.get();
        others.forEach(Aside::endOrForget);
        return IntStream.range(0, all.size()).mapToObj(results::get).toList();
    }

    /** Does work for another thread, until that one is interrupted. */
    public static void onBehalfOf(Thread asking, Runnable work) {
        Supplier<Void> done = () -> {
            work.run();
            return null;
        };
        help(new Errand(asking, ERRAND.get()), done);
    }

    private static <T> T help(Errand errand, Supplier<T> work) {
        Errand before = ERRAND.get();
        begin(errand);
        try {
            return work.get();
        } finally {
            begin(before);
        }
    }

    private static void begin(Errand errand) {
        if (errand == null) {
            ERRAND.remove();
            HELPERS.remove(Thread.currentThread());
        } else {
            ERRAND.set(errand);
            HELPERS.put(Thread.currentThread(), errand.asking);
        }
    }
}
