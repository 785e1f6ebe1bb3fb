package zephyrdune.measure;

import java.util.concurrent.CancellationException;

/**
 * Where long work can be ended from outside. Whoever wants it ended interrupts the thread that asked for it; loops whose length depends on
 * what is asked call {@link #check()} once a turn.
 */
public final class Cancellation {

    private Cancellation() {}

    /** @throws CancellationException when the thread has been interrupted; it stays so */
    public static void check() {
        check(Thread.currentThread());
    }

    /**
     * For helpers that work for another thread.
     *
     * @param asking the thread that waits for the outcome
     */
    public static void check(Thread asking) {
        if (asking.isInterrupted()) {
            throw new CancellationException("The work was ended before it was done");
        }
    }
}
