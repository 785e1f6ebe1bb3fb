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
    private final List<RenderJob> jobs = new ArrayList<>();
    private Thread thread;
    private volatile boolean running;
    private long turns;

    Painter(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** Takes a view in. */
    void add(RenderJob job) {
        synchronized (jobs) {
            jobs.add(job);
        }
        wake();
    }

    void remove(RenderJob job) {
        job.close();
        synchronized (jobs) {
            jobs.remove(job);
        }
    }

    /** Has to be called after a wish or a look. */
    void wake() {
        synchronized (jobs) {
            jobs.notifyAll();
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
                pointed().forEach(job -> guarded(job, job::point));
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
    private static void guarded(RenderJob job, Runnable work) {
        try {
            work.run();
        } catch (RuntimeException | Error e) {
            LOG.warn("a picture failed: {}", e.toString());
            LOG.debug("where it failed", e);
            job.fail(
                    e instanceof OutOfMemoryError
                            ? "There is not enough memory for this picture; close other tabs of Zephyrdune, or start it with more"
                            : "This picture could not be made; the next change of the set tries again");
        }
    }

    private void work(RenderJob job) {
        job.lastTurn = ++turns;
        boolean leaving = crowded() || job.refining() && computing.busy();
        ForkJoinPool pool = leaving ? rest : all;
        guarded(
                job,
                () -> pool.submit(() -> job.work(() -> room(job), () -> givesWay(job, leaving)))
                        .join());
    }

    private boolean givesWay(RenderJob job, boolean leaving) {
        return anyLooks() || !job.urgent() && (anyUrgent() || !leaving && job.refining() && computing.busy());
    }

    /** Memory for a view's next film, after those who looked longest ago have given back what is needed. */
    private long room(RenderJob asking) {
        synchronized (jobs) {
            long held = jobs.stream().mapToLong(RenderJob::bytes).sum();
            List<RenderJob> idle = jobs.stream()
                    .filter(job -> job != asking && job.idle() && job.bytes() > 0)
                    .sorted(Comparator.comparing(job -> job.lastTurn))
                    .toList();
            for (RenderJob job : idle) {
                if (held <= budget / 2) {
                    break;
                }
                held -= job.bytes();
                job.drop();
            }
            return budget - held;
        }
    }

    /** Whether so many wait for a first look that all cores together would keep readings waiting. */
    private boolean crowded() {
        synchronized (jobs) {
            return jobs.stream().filter(RenderJob::urgent).count() > MOST_URGENT;
        }
    }

    private boolean anyUrgent() {
        synchronized (jobs) {
            return jobs.stream().anyMatch(RenderJob::urgent);
        }
    }

    private boolean anyLooks() {
        synchronized (jobs) {
            return jobs.stream().anyMatch(RenderJob::looks);
        }
    }

    private List<RenderJob> pointed() {
        synchronized (jobs) {
            return jobs.stream().filter(RenderJob::looks).toList();
        }
    }

    private Optional<RenderJob> next() {
        synchronized (jobs) {
            return jobs.stream()
                    .filter(job -> !job.idle())
                    .min(Comparator.<RenderJob, Boolean>comparing(job -> !job.urgent())
                            .thenComparing(job -> job.lastTurn));
        }
    }

    private void rest() throws InterruptedException {
        synchronized (jobs) {
            if (!anyLooks() && next().isEmpty()) {
                jobs.wait();
            }
        }
    }
}
