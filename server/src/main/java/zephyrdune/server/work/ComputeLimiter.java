package zephyrdune.server.work;

import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import zephyrdune.set.Heaviness;
import zephyrdune.set.TableSet;

/**
 * Computes what is asked for, in the order in which it came, on one thread less than there are cores: were all of it to share the cores,
 * each would take longer and none would be ready sooner, and pictures would get next to no turn. What takes seconds goes one by one, and
 * keeps nobody else waiting. No request's thread waits; what finds its queue full is refused at once.
 */
@Component
public class ComputeLimiter implements DisposableBean {

    /** Where a request keeps how much CPU time its thread had taken when it began on it, nanoseconds: reading a set counts too. */
    public static final String BEGUN = ComputeLimiter.class.getName();

    /** Computing an answer may take, CPU seconds. */
    private static final long BUDGET_SECONDS = 5;

    /** The same for a picture that is traced to the end. */
    private static final long PICTURE_SECONDS = 300;

    private static final int MOST_QUICK = 128;
    private static final int MOST_SLOW = 32;
    private static final int MOST_PICTURES = 1_000;
    private static final long WATCH_MILLIS = 50;

    private final ThreadPoolExecutor quick =
            pool("quick", Math.max(1, Runtime.getRuntime().availableProcessors() - 1), MOST_QUICK);
    private final ThreadPoolExecutor slow = pool("slow", 1, MOST_SLOW);

    /** Picture files take longest of all, and keep nothing else waiting. */
    private final ThreadPoolExecutor files = pool("files", 1, MOST_SLOW);

    private final ThreadPoolExecutor pictures = pool("pictures", 1, MOST_PICTURES);
    private final Set<Job<?>> jobs = ConcurrentHashMap.newKeySet();
    private final AtomicInteger waiting = new AtomicInteger();
    private final ScheduledExecutorService watch =
            Executors.newSingleThreadScheduledExecutor(named("watch-computing", new AtomicInteger()));

    ComputeLimiter() {
        watch.scheduleWithFixedDelay(() -> jobs.forEach(Job::watch), WATCH_MILLIS, WATCH_MILLIS, TimeUnit.MILLISECONDS);
    }

    private static ThreadPoolExecutor pool(String name, int threads, int most) {
        return new ThreadPoolExecutor(
                threads,
                threads,
                0,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(most),
                named("compute-" + name, new AtomicInteger()));
    }

    private static ThreadFactory named(String name, AtomicInteger count) {
        return work -> {
            Thread thread = new Thread(work, name + "-" + count.incrementAndGet());
            thread.setDaemon(true);
            return thread;
        };
    }

    /** Work of some milliseconds about a set. */
    public <T> CompletableFuture<T> quickly(TableSet about, Supplier<T> work) {
        return submit(quick, asker(), work, () -> Heaviness.words(about), BUDGET_SECONDS);
    }

    /** Work of seconds about a set. */
    public <T> CompletableFuture<T> slowly(TableSet about, Supplier<T> work) {
        return submit(slow, asker(), work, () -> Heaviness.words(about), BUDGET_SECONDS);
    }

    /** Work of seconds on something else. */
    public <T> CompletableFuture<T> slowly(Supplier<T> work) {
        return submit(slow, asker(), work, () -> "", BUDGET_SECONDS);
    }

    /** A picture that is traced to the end. */
    public <T> CompletableFuture<T> picture(TableSet about, Supplier<T> work) {
        return submit(files, asker(), work, () -> Heaviness.words(about), PICTURE_SECONDS);
    }

    /** What has to be known before a view's picture is painted. */
    public <T> CompletableFuture<T> picturePlan(TableSet about, Asker asker, Supplier<T> work) {
        return submit(pictures, asker, work, () -> Heaviness.words(about), BUDGET_SECONDS);
    }

    /** Whether anything but pictures is being computed, or waits to be. */
    public boolean busy() {
        return waiting.get() > 0;
    }

    private <T> CompletableFuture<T> submit(
            ThreadPoolExecutor pool, Asker asker, Supplier<T> work, Supplier<String> why, long budgetSeconds) {
        Job<T> job = new Job<>(work, why, asker, budgetSeconds, spent());
        waiting.incrementAndGet();
        jobs.add(job);
        job.outcome().whenComplete((found, failure) -> {
            jobs.remove(job);
            waiting.decrementAndGet();
        });
        try {
            pool.execute(job);
        } catch (RejectedExecutionException e) {
            job.outcome().completeExceptionally(new Busy());
        }
        return job.outcome();
    }

    /** CPU time of this thread, nanoseconds. */
    public static long cpu() {
        return Job.cpu();
    }

    /** CPU time that went into reading the request, nanoseconds. */
    private static long spent() {
        return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
                .map(request -> (Long) request.getAttribute(BEGUN, RequestAttributes.SCOPE_REQUEST))
                .map(begun -> cpu() - begun)
                .orElse(0L);
    }

    /** Who sent the request that is being answered. */
    private static Asker asker() {
        return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
                .map(request -> (Asker) request.getAttribute(Asker.ATTRIBUTE, RequestAttributes.SCOPE_REQUEST))
                .orElse(() -> false);
    }

    @Override
    public void destroy() {
        watch.shutdownNow();
        quick.shutdownNow();
        slow.shutdownNow();
        files.shutdownNow();
        pictures.shutdownNow();
    }
}
