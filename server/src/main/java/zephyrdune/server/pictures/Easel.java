package zephyrdune.server.pictures;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import zephyrdune.picture.Histogram;
import zephyrdune.picture.Loupe;
import zephyrdune.picture.Mix;
import zephyrdune.picture.Picture;
import zephyrdune.picture.Progress;
import zephyrdune.picture.Warnings;

/**
 * One view's work: its newest wish, and the picture as far as it has come. Wishes come from any thread; only the painter's
 * works on it.
 */
final class Easel {

    private final Gallery gallery;
    private volatile Wish newest;
    private volatile boolean closed;
    private volatile boolean waiting;

    // the painter's own
    private Wish served;
    private Mix mix;
    private Progress progress;
    private int trace;

    /** When it last had its turn, by the painter's count. */
    long lastTurn;

    /** @param gallery where finished frames go */
    Easel(Gallery gallery) {
        this.gallery = gallery;
    }

    /** Takes frames; never keeps the painter waiting. */
    interface Gallery {
        void show(Frame frame);
    }

    void wish(Wish wish) {
        newest = wish;
        waiting = true;
    }

    void close() {
        closed = true;
    }

    boolean closed() {
        return closed;
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

    boolean holdsFilm() {
        return progress != null;
    }

    /** Does one piece of work. */
    void work(BooleanSupplier stop) {
        Wish wish = newest;
        if (wish != served) {
            waiting = false;
            served = wish;
            mix = wish.mix();
            if (progress != null && progress.shows(wish.set(), wish.deep())) {
                if (!progress.blank()) {
                    show();
                    return;
                }
            } else {
                progress = new Progress(wish.set(), wish.deep());
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
        Picture picture = progress.picture(mix);
        Histogram histogram = Histogram.of(picture);
        double noise = progress.noise();
        gallery.show(new Frame(
                new FrameNews(
                        served.turn(),
                        trace,
                        progress.shownStage(),
                        picture.width(),
                        picture.height(),
                        progress.shown().samples(),
                        Double.isFinite(noise) ? noise : -1,
                        progress.done(),
                        histogram.shares(),
                        Histogram.DARKEST,
                        Histogram.BIN,
                        histogram.clipped(),
                        histogram.blocked()),
                served.warnings() ? Warnings.on(picture) : picture));
    }

    /** What is under a place of the picture that is shown, 0 to 1 across and down; only for the painter. */
    Optional<Loupe> loupe(double across, double down) {
        return progress == null || progress.blank()
                ? Optional.empty()
                : Optional.of(Loupe.at(progress.shown(), mix, across, down));
    }
}
