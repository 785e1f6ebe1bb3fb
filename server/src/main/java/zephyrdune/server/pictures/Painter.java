package zephyrdune.server.pictures;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ForkJoinPool;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import zephyrdune.server.work.ComputeLimiter;

/**
 * Works on everybody's pictures, one piece at a time. First looks at new wishes come first; among equals, whoever waited
 * longest. What gets finer in peace gives way within a few milliseconds, and leaves a core free while anything else is computed; when many
 * wait for first looks, those leave a core to readings too. All pictures share one part of the memory: who looked longest ago gives back
 * first, and what is left says how large the next one may be.
 */
@Component
class Painter implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Painter.class);

    /** First looks wanted at once for which all cores are used. */
    private static final int MOST_URGENT = 3;

    /** Share of the memory for pictures. */
    private static final double MEMORY = 0.5;

    private static final int CORES = Runtime.getRuntime().availableProcessors();

    private final ForkJoinPool all = new ForkJoinPool(CORES);

    /** One core is left to readings. */
    private final ForkJoinPool rest = new ForkJoinPool(Math.max(1, CORES - 1));

    private final long budget = (long) (MEMORY * Runtime.getRuntime().maxMemory());
    private final ComputeLimiter computing;
    private final List<RenderJob> easels = new ArrayList<>();
    private Thread thread;
    private volatile boolean running;
    private long turns;

    Painter(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** Takes a view in. */
    void add(RenderJob easel) {
        synchronized (easels) {
            easels.add(easel);
        }
        wake();
    }

    void remove(RenderJob easel) {
        easel.close();
        synchronized (easels) {
            easels.remove(easel);
        }
    }

    /** Has to be called after a wish or a look. */
    void wake() {
        synchronized (easels) {
            easels.notifyAll();
        }
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
                pointed().forEach(easel -> guarded(easel, easel::point));
                Optional<RenderJob> next = next();
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

    /** Whatever goes wrong with one picture is told to its view, and is nobody else's trouble. */
    private static void guarded(RenderJob easel, Runnable work) {
        try {
            work.run();
        } catch (RuntimeException | Error e) {
            LOG.warn("a picture failed: {}", e.toString());
            LOG.debug("where it failed", e);
            easel.fail(
                    e instanceof OutOfMemoryError
                            ? "There is not enough memory for this picture; close other tabs of Zephyrdune, or start it with more"
                            : "This picture could not be made; the next change of the set tries again");
        }
    }

    private void work(RenderJob easel) {
        easel.lastTurn = ++turns;
        boolean leaving = crowded() || easel.refining() && computing.busy();
        ForkJoinPool pool = leaving ? rest : all;
        guarded(
                easel,
                () -> pool.submit(() -> easel.work(() -> room(easel), () -> givesWay(easel, leaving)))
                        .join());
    }

    private boolean givesWay(RenderJob easel, boolean leaving) {
        return anyLooks() || !easel.urgent() && (anyUrgent() || !leaving && easel.refining() && computing.busy());
    }

    /** Memory for a view's next film, after those who looked longest ago have given back what is needed. */
    private long room(RenderJob asking) {
        synchronized (easels) {
            long held = easels.stream().mapToLong(RenderJob::bytes).sum();
            List<RenderJob> idle = easels.stream()
                    .filter(easel -> easel != asking && easel.idle() && easel.bytes() > 0)
                    .sorted(Comparator.comparing(easel -> easel.lastTurn))
                    .toList();
            for (RenderJob easel : idle) {
                if (held <= budget / 2) {
                    break;
                }
                held -= easel.bytes();
                easel.drop();
            }
            return budget - held;
        }
    }

    /** Whether so many wait for a first look that all cores together would keep readings waiting. */
    private boolean crowded() {
        synchronized (easels) {
            return easels.stream().filter(RenderJob::urgent).count() > MOST_URGENT;
        }
    }

    private boolean anyUrgent() {
        synchronized (easels) {
            return easels.stream().anyMatch(RenderJob::urgent);
        }
    }

    private boolean anyLooks() {
        synchronized (easels) {
            return easels.stream().anyMatch(RenderJob::looks);
        }
    }

    private List<RenderJob> pointed() {
        synchronized (easels) {
            return easels.stream().filter(RenderJob::looks).toList();
        }
    }

    private Optional<RenderJob> next() {
        synchronized (easels) {
            return easels.stream()
                    .filter(easel -> !easel.idle())
                    .min(Comparator.<RenderJob, Boolean>comparing(easel -> !easel.urgent())
                            .thenComparing(easel -> easel.lastTurn));
        }
    }

    private void rest() throws InterruptedException {
        synchronized (easels) {
            if (!anyLooks() && next().isEmpty()) {
                easels.wait();
            }
        }
    }
}
