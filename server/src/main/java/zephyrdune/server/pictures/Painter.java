package zephyrdune.server.pictures;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Works on everybody's pictures, one piece at a time. First looks at new wishes come first; among equals, whoever waited
 * longest. What gets finer in peace leaves a core free and gives way within a few milliseconds; when many wait for first looks,
 * those leave a core to readings too.
 */
@Component
class Painter implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Painter.class);

    /** Views whose layers are kept; of others they are traced again when wanted. A view's take up to 130 MB, mostly 60. */
    private static final int MOST_FILMS = 12;

    /** First looks wanted at once for which all cores are used. */
    private static final int MOST_URGENT = 3;

    private static final int CORES = Runtime.getRuntime().availableProcessors();

    /** For first looks, on all cores. */
    private final ForkJoinPool all = new ForkJoinPool(CORES);

    /** For what gets finer in peace: one core is left to readings and to the browser. */
    private final ForkJoinPool rest = new ForkJoinPool(Math.max(1, CORES - 1));

    private final List<Easel> easels = new ArrayList<>();
    private final ConcurrentLinkedQueue<Runnable> errands = new ConcurrentLinkedQueue<>();
    private Thread thread;
    private volatile boolean running;
    private long turns;

    /** Takes a view in. */
    void add(Easel easel) {
        synchronized (easels) {
            easels.add(easel);
        }
        wake();
    }

    void remove(Easel easel) {
        easel.close();
        synchronized (easels) {
            easels.remove(easel);
        }
    }

    /** Has to be called after a wish. */
    void wake() {
        synchronized (easels) {
            easels.notifyAll();
        }
    }

    /** Runs something between two pieces of work, when nothing changes a film. */
    <T> CompletableFuture<T> between(Supplier<T> errand) {
        CompletableFuture<T> done = new CompletableFuture<>();
        errands.add(() -> {
            try {
                done.complete(errand.get());
            } catch (RuntimeException e) {
                done.completeExceptionally(e);
            }
        });
        wake();
        return done;
    }

    @Override
    public void start() {
        running = true;
        thread = new Thread(this::paint, "painter");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void stop() {
        running = false;
        thread.interrupt();
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    private void paint() {
        while (running) {
            try {
                run(errands.poll());
                Optional<Easel> next = next();
                if (next.isPresent()) {
                    work(next.get());
                } else {
                    rest();
                }
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    private static void run(Runnable errand) {
        if (errand != null) {
            errand.run();
        }
    }

    private void work(Easel easel) {
        easel.lastTurn = ++turns;
        try {
            ForkJoinPool pool = easel.refining() || crowded() ? rest : all;
            pool.submit(() -> easel.work(() -> !errands.isEmpty() || !easel.urgent() && anyUrgent()))
                    .join();
        } catch (RuntimeException | OutOfMemoryError e) {
            LOG.error("a picture failed", e);
            remove(easel);
        }
        dropOldFilms();
    }

    /** Whether so many wait for a first look that all cores together would keep readings waiting. */
    private boolean crowded() {
        synchronized (easels) {
            return easels.stream().filter(Easel::urgent).count() > MOST_URGENT;
        }
    }

    private boolean anyUrgent() {
        synchronized (easels) {
            return easels.stream().anyMatch(Easel::urgent);
        }
    }

    private Optional<Easel> next() {
        synchronized (easels) {
            return easels.stream()
                    .filter(easel -> !easel.idle())
                    .min(Comparator.<Easel, Boolean>comparing(easel -> !easel.urgent())
                            .thenComparing(easel -> easel.lastTurn));
        }
    }

    private void dropOldFilms() {
        synchronized (easels) {
            List<Easel> holding = easels.stream()
                    .filter(Easel::holdsFilm)
                    .sorted(Comparator.comparing(easel -> easel.lastTurn))
                    .toList();
            holding.stream()
                    .limit(Math.max(0, holding.size() - MOST_FILMS))
                    .filter(Easel::idle)
                    .forEach(Easel::drop);
        }
    }

    private void rest() throws InterruptedException {
        synchronized (easels) {
            if (errands.isEmpty() && next().isEmpty()) {
                easels.wait();
            }
        }
    }
}
