package zephyrdune.render.picture;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.TableSet;

/**
 * A picture on its way from coarse to fine. Each step is short enough to drag against; between steps anything else may have its
 * turn, and a stopped step goes on later where it left.
 *
 * <p>Not for several threads at once.
 */
public final class Progress {

    /** How far the picture has come. */
    public enum Stage {
        COARSE(208, 320, SampleBudget.FIRST),
        SHARPER(480, 900, SampleBudget.USUAL),
        FINE(900, 900, SampleBudget.USUAL);

        /** Of the film if what is out of focus looks it. */
        private final int deepWidth;

        /** Of the picture otherwise: light is found for half as many pixels across, but for the fine one. */
        private final int sharpWidth;

        private final SampleBudget effort;

        Stage(int deepWidth, int sharpWidth, SampleBudget effort) {
            this.deepWidth = deepWidth;
            this.sharpWidth = sharpWidth;
            this.effort = effort;
        }

        private boolean doubled(boolean deep) {
            return this != FINE && !deep;
        }

        /** Pixels that light is found for. */
        private int width(boolean deep, int widest) {
            return doubled(deep) ? Math.min(sharpWidth, widest) / 2 : Math.min(deepWidth, widest);
        }
    }

    /**
     * How fine a picture is to get.
     *
     * @param doneAt when 95 % of its pixels are within this, and no part of it is noisier, it is done, stops
     * @param widest no picture gets wider, pixels
     */
    public record Quality(double doneAt, int widest) {

        public static final Quality USUAL = new Quality(0.1, Stage.FINE.sharpWidth);
    }

    /** Samples per pixel after which it is done, however noisy. */
    public static final int MOST_SAMPLES = 128;

    private static final int SHARPER_PASSES = 1;

    /** A part of the picture gets no more samples once it is so much better than asked for. */
    private static final double ENOUGH_BEFORE = 0.6;

    /** Share of the work that is not passed before it is done. */
    private static final double NEARLY = 0.99;

    private static final Noise NOTHING_KNOWN = new Noise(Double.POSITIVE_INFINITY, new double[0]);

    /** Beside a film: the picture mixed from it, evened out, and as a file. Bytes a pixel. */
    private static final int MIXED = 64;

    private final TableSet set;
    private final boolean deep;
    private final LongSupplier room;
    private final Quality quality;
    private final Traced traced;

    /** What the first look saw, or the one before. */
    private Optional<CloserLook> closer;

    private Stage stage = Stage.COARSE;
    private Film film;
    private Film before;
    private Stage stageBefore;
    private int passes;
    private Noise noise = NOTHING_KNOWN;

    /** The fine picture as it was last evened out, and the mix it is in. */
    private Denoiser.Shown latest;

    private Mix latestMix;

    /**
     * @param deep whether what is out of focus looks it
     * @param room memory that may be had for the next film, bytes; a picture gets no larger than that allows, but for the coarse one
     */
    public Progress(TableSet set, boolean deep, Quality quality, LongSupplier room) {
        this(set, deep, quality, room, Optional.empty());
    }

    /** @param before what a first look saw of what may be the same set but for the light */
    public Progress(TableSet set, boolean deep, Quality quality, LongSupplier room, Optional<CloserLook> before) {
        this.set = set;
        closer = before;
        this.deep = deep;
        this.quality = quality;
        this.room = room;
        traced = Traced.of(set, deep);
        film = film();
    }

    private Film film() {
        double most = room.getAsLong();
        int width = stage.width(deep, quality.widest());
        long needed = bytes(stage, width);
        if (stage != Stage.COARSE && needed > most) {
            width = Math.min(width, Math.max(Stage.COARSE.deepWidth, (int) (width * Math.sqrt(most / needed))));
        }
        return stage.doubled(deep)
                ? Film.doubled(set, width, height(width), closer)
                : new Film(set, width, height(width), deep, stage != Stage.FINE);
    }

    private int height(int width) {
        double height = width * set.camera().sensorHeight() / set.camera().sensorWidth();
        return (int) Math.max(1, Math.min(2.0 * width, Math.round(height)));
    }

    private long bytes(Stage at, int width) {
        long pixels = (long) width * height(width);
        long mixed = at.doubled(deep) ? 4 * (MIXED + FirstHits.BYTES) * pixels : MIXED * pixels;
        return Film.bytes(set, width, height(width)) + mixed;
    }

    /** Memory that is held, near enough, bytes. */
    public long bytes() {
        return bytes(stage, film.width()) + (before == null ? 0 : bytes(stageBefore, before.width()));
    }

    /** Whether a set can be shown by mixing what is traced here. */
    public boolean shows(TableSet other, boolean otherDeep) {
        return deep == otherDeep && traced.equals(Traced.of(other, otherDeep));
    }

    /**
     * Works on; returns whether there is something new to show.
     *
     * @param mix by which noise is judged
     * @param stop asked every few milliseconds of work
     */
    public boolean step(Mix mix, BooleanSupplier stop) {
        if (done()) {
            return false;
        }
        double[] tiles = noise.tiles();
        double enough = quality.doneAt();
        // where no part is too noisy and the picture is not done all the same, its noisier parts have to get more
        double half = noise.worst() > enough ? Double.POSITIVE_INFINITY : noise.worst() / 2;
        double least = Math.min(ENOUGH_BEFORE * enough, half);
        if (!film.pass(stage.effort, tile -> tiles.length == 0 || tiles[tile] > least, stop)) {
            return false;
        }
        passes++;
        before = null;
        if (stage == Stage.COARSE) {
            closer = film.closer();
        }
        if (stage == Stage.COARSE || stage == Stage.SHARPER && passes >= SHARPER_PASSES) {
            advance();
            return true;
        }
        // the more there is the longer it takes to look better: 1, 2, 3, 4, 6, 8, 12, 16, ...
        int lead = Integer.highestOneBit(passes);
        if (passes != lead && passes != lead + lead / 2) {
            return false;
        }
        even(mix);
        noise = Noise.of(film, latest);
        return true;
    }

    private void even(Mix mix) {
        latest = Denoiser.shown(film, mix);
        latestMix = mix;
    }

    private void advance() {
        before = film;
        stageBefore = stage;
        // one that gets no wider than the sharper picture is the fine one at once
        stage = stage == Stage.COARSE && quality.widest() > Stage.SHARPER.deepWidth ? Stage.SHARPER : Stage.FINE;
        film = film();
        film.expect(before);
        passes = 0;
        noise = NOTHING_KNOWN;
        latestMix = null;
    }

    /** Whether more work would not show. */
    public boolean done() {
        return stage == Stage.FINE && (farOff() <= quality.doneAt() || passes >= MOST_SAMPLES);
    }

    /** What has to come down for the picture to be done, stops. */
    private double farOff() {
        return Math.max(noise.most(), noise.worst());
    }

    /** What the first look saw, if it looked closer than at the film's own pixels: for that at the next set. */
    public Optional<CloserLook> closer() {
        return closer;
    }

    /** Whether nothing can be shown yet. */
    public boolean blank() {
        return stage == Stage.COARSE;
    }

    /** The film that the picture is of. */
    public Film shown() {
        return before != null ? before : film;
    }

    /** How far what is shown has come. */
    public Stage shownStage() {
        return before != null ? stageBefore : stage;
    }

    /** What 95 % of what is shown is no further off, stops; infinite as long as nothing can be said. */
    public double noise() {
        return before != null ? Double.POSITIVE_INFINITY : noise.most();
    }

    /** How much of the work of a fine picture is done, 0 to 1: noise falls as the root of the samples, part by part. */
    public double share() {
        if (done()) {
            return 1;
        }
        if (stage != Stage.FINE || Double.isInfinite(noise())) {
            return 0;
        }
        double[] tiles = noise.tiles();
        double taken = 0;
        double left = 0;
        for (int tile = 0; tile < tiles.length; tile++) {
            double off = tiles[tile] / (ENOUGH_BEFORE * quality.doneAt());
            taken += film.samples(tile);
            left += Math.max(0, Math.min(MOST_SAMPLES - passes, film.samples(tile) * (off * off - 1)));
        }
        return Math.min(NEARLY, taken / (taken + left));
    }

    /** The picture so far, evened out. */
    public Picture picture(Mix mix) {
        if (before != null) {
            return Denoiser.of(before, mix);
        }
        if (mix != latestMix) {
            even(mix);
        }
        return latest.picture();
    }
}
