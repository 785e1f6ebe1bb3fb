package zephyrdune.server.pictures;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import zephyrdune.render.picture.CloserLook;
import zephyrdune.render.picture.Histogram;
import zephyrdune.render.picture.Loupe;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.Progress;
import zephyrdune.render.picture.RollOff;
import zephyrdune.render.picture.Warnings;

/**
 * One view's work: its newest wish, the newest place it points at, and the picture as far as it has come. Wishes and places come from any
 * thread and take the place of older ones; only the painter's thread works on the picture.
 */
final class RenderJob {

    private final Gallery gallery;
    private final Progress.Quality quality;
    private final AtomicReference<LoupePlace> look = new AtomicReference<>();
    private volatile FrameRequest.Prepared newest;
    private volatile boolean closed;
    private volatile boolean waiting;

    // the painter's own
    private FrameRequest.Prepared served;
    private Progress progress;
    private int trace;

    /** When the tracing began. */
    private long begun;

    /** When it last had its turn, by the painter's count. */
    long lastTurn;

    /**
     * @param gallery where finished frames go
     * @param quality how fine a picture is to get
     */
    RenderJob(Gallery gallery, Progress.Quality quality) {
        this.gallery = gallery;
        this.quality = quality;
    }

    /** Takes what there is to show; never keeps the painter waiting. */
    interface Gallery {
        void show(Frame frame);

        void show(Loupe loupe);

        void failed(String words);
    }

    /** Takes a wish, unless it has one that was made later. */
    synchronized void wish(FrameRequest.Prepared wish) {
        if (newest == null || wish.wish().turn() > newest.wish().turn()) {
            newest = wish;
            waiting = true;
        }
    }

    void look(LoupePlace wanted) {
        look.set(wanted);
    }

    void close() {
        closed = true;
    }

    boolean closed() {
        return closed;
    }

    boolean looks() {
        return !closed && look.get() != null;
    }

    /** Whether somebody waits for a first look at a new wish. */
    boolean urgent() {
        return !closed && (waiting || progress != null && progress.blank());
    }

    /** Whether what is shown is fine already, and only gets finer. */
    boolean refining() {
        return !urgent() && progress != null && progress.shownStage() == Progress.Stage.FINE;
    }

    boolean idle() {
        return closed || newest == null || !urgent() && (progress == null || progress.done());
    }

    /** Gives back the memory of its layers; the next wish is traced anew. */
    void drop() {
        progress = null;
        served = newest;
    }

    /** Memory that its layers take, bytes; zero without any. */
    long bytes() {
        return progress == null ? 0 : progress.bytes();
    }

    /** Says that a wish failed, and waits for the next one. */
    void fail(String words) {
        waiting = newest != served;
        progress = null;
        gallery.failed(words);
    }

    /**
     * Does one piece of work.
     *
     * @param room memory that may be had for the next film, bytes
     */
    void work(LongSupplier room, BooleanSupplier stop) {
        FrameRequest.Prepared wanted = newest;
        Mix mix = wanted.mix();
        if (wanted != served) {
            waiting = false;
            served = wanted;
            if (progress != null && progress.shows(wanted.set(), wanted.wish().deep())) {
                if (!progress.blank()) {
                    show();
                    return;
                }
            } else {
                Optional<CloserLook> before = Optional.ofNullable(progress).flatMap(Progress::closer);
                progress = null;
                progress = new Progress(wanted.set(), wanted.wish().deep(), quality, room, before);
                begun = System.nanoTime();
                trace++;
            }
        }
        // a first look is soon done and shown even if it is late: else somebody who never stops dragging might see none
        boolean first = progress.blank();
        if (progress.step(mix, () -> closed || !first && newest != served || stop.getAsBoolean())) {
            show();
        }
    }

    private void show() {
        Picture picture = progress.picture(served.mix());
        Histogram histogram = Histogram.of(picture);
        double noise = progress.noise();
        gallery.show(new Frame(
                new FrameNews(
                        served.wish().turn(),
                        trace,
                        progress.shownStage(),
                        picture.width(),
                        picture.height(),
                        progress.shown().words(),
                        progress.shown().samples(),
                        Double.isFinite(noise) ? noise : -1,
                        progress.done(),
                        progress.share(),
                        secondsLeft(),
                        histogram.shares(),
                        Histogram.DARKEST,
                        Histogram.BIN,
                        histogram.clipped(),
                        histogram.blocked()),
                asWished(picture)));
    }

    private Picture asWished(Picture picture) {
        Picture marked = served.wish().warnings() ? Warnings.on(picture) : picture;
        return served.wish().rollOff() ? RollOff.of(marked) : marked;
    }

    /** From how long the share took that is done. */
    private double secondsLeft() {
        double share = progress.share();
        return share > 0 ? (System.nanoTime() - begun) / 1e9 * (1 / share - 1) : -1;
    }

    /** Says what is under the place that is pointed at. */
    void point() {
        LoupePlace wanted = look.getAndSet(null);
        if (wanted != null && progress != null && !progress.blank()) {
            gallery.show(Loupe.at(progress.shown(), served.mix(), wanted.across(), wanted.down()));
        }
    }
}
