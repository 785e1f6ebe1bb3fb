package zephyrdune.server.search;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import zephyrdune.answers.search.Found;
import zephyrdune.answers.search.Search;

/** One search, on a thread of its own, whether or not anybody looks in. */
final class RunningSearch implements Runnable {

    private static final System.Logger LOG = System.getLogger(RunningSearch.class.getName());

    /** How it stands. */
    enum State {
        RUNNING,
        DONE,
        STOPPED,
        FAILED
    }

    private final UUID id = UUID.randomUUID();
    private final Object question;
    private final Search search;
    private final Instant begun;
    private volatile Found found;
    private volatile State state = State.RUNNING;
    private volatile Thread thread;

    RunningSearch(Object question, Search search, Instant begun) {
        this.question = question;
        this.search = search;
        this.begun = begun;
    }

    @Override
    public void run() {
        thread = Thread.currentThread();
        try {
            if (state != State.RUNNING) {
                end(state);
            } else {
                found = search.run(so -> found = so);
                end(State.DONE);
            }
        } catch (CancellationException ended) {
            end(State.STOPPED);
        } catch (RuntimeException failure) {
            LOG.log(System.Logger.Level.WARNING, "a search failed", failure);
            end(State.FAILED);
        }
    }

    /** From here on nobody interrupts its thread, which goes on to the next. */
    private synchronized void end(State how) {
        state = state == State.RUNNING ? how : state;
        thread = null;
        Thread.interrupted();
    }

    /** Ends it; what it has found stands. */
    synchronized void stop() {
        if (state == State.RUNNING) {
            state = State.STOPPED;
            Thread working = thread;
            if (working != null) {
                working.interrupt();
            }
        }
    }

    UUID id() {
        return id;
    }

    Instant begun() {
        return begun;
    }

    State state() {
        return state;
    }

    /** Nothing before the first were found. */
    Optional<Found> found() {
        return Optional.ofNullable(found);
    }

    boolean asks(Object other) {
        return question.equals(other);
    }
}
