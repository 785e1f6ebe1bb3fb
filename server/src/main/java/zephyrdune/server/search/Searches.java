package zephyrdune.server.search;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.locks.LockSupport;
import org.springframework.stereotype.Component;
import zephyrdune.answers.search.Search;
import zephyrdune.server.work.ComputeLimiter;

/** The searches of an installation: one works at a time, and waits while anything else is computed. Kept in memory. */
@Component
class Searches {

    /** As many are remembered, the newest. */
    private static final int MOST = 20;

    private static final Duration KEPT = Duration.ofHours(12);

    /** Others go first at most so long before a search gets on by one placement, nanoseconds. */
    private static final long GIVE_WAY = 30_000_000;

    private static final long LOOK_AGAIN = 2_000_000;

    private final ComputeLimiter computing;
    private final Clock clock;
    private final Map<UUID, RunningSearch> searches = new LinkedHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "search");
        thread.setDaemon(true);
        return thread;
    });

    Searches(ComputeLimiter computing, Clock clock) {
        this.computing = computing;
        this.clock = clock;
    }

    /** Begins a search; where the same one is known already, and was not stopped, that. */
    synchronized RunningSearch begin(SearchQuestion question) {
        forget();
        Optional<RunningSearch> same = searches.values().stream()
                .filter(search -> search.asks(question)
                        && (search.state() == RunningSearch.State.RUNNING
                                || search.state() == RunningSearch.State.DONE))
                .findFirst();
        if (same.isPresent()) {
            return same.get();
        }
        Search search = new Search(question.set(), question.look(), question.means(), question.seed(), this::giveWay);
        RunningSearch begun = new RunningSearch(question, search, clock.instant());
        searches.put(begun.id(), begun);
        worker.execute(begun);
        return begun;
    }

    synchronized Optional<RunningSearch> find(UUID id) {
        return Optional.ofNullable(searches.get(id));
    }

    private void forget() {
        searches.values()
                .removeIf(search -> search.state() != RunningSearch.State.RUNNING
                        && search.begun().plus(KEPT).isBefore(clock.instant()));
        while (searches.size() >= MOST) {
            RunningSearch oldest = searches.values().iterator().next();
            oldest.stop();
            searches.remove(oldest.id());
        }
    }

    private void giveWay() {
        long until = System.nanoTime() + GIVE_WAY;
        while (computing.busy() && System.nanoTime() < until) {
            LockSupport.parkNanos(LOOK_AGAIN);
        }
    }

    @PreDestroy
    synchronized void stopAll() {
        searches.values().forEach(RunningSearch::stop);
        worker.shutdownNow();
    }
}
