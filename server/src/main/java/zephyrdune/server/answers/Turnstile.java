package zephyrdune.server.answers;

import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Lets in one computation less at once than there are cores, in the order in which they came: were all those asked for at once
 * to share the cores, each would take longer and none would be ready sooner, and pictures would get next to no turn. What takes
 * seconds goes one by one, and keeps nobody else waiting.
 */
@Component
class Turnstile {

    private final Semaphore quick =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() - 1), true);
    private final Semaphore slow = new Semaphore(1, true);

    /** Work of some milliseconds. */
    <T> T pass(Supplier<T> work) {
        return pass(quick, work);
    }

    /** Work of seconds. */
    <T> T passSlowly(Supplier<T> work) {
        return pass(slow, work);
    }

    private static <T> T pass(Semaphore free, Supplier<T> work) {
        free.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            free.release();
        }
    }
}
