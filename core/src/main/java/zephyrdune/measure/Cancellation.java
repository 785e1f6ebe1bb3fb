package zephyrdune.measure;

import java.util.concurrent.CancellationException;

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

    /** Does work for another thread, until that one is interrupted. */
    public static void onBehalfOf(Thread asking, Runnable work) {
        Thread before = ASKING.get();
        ASKING.set(asking);
        try {
            work.run();
        } finally {
            ASKING.set(before);
        }
    }
}
