package zephyrdune.light.emitter;

import zephyrdune.units.measure.Cancellation;

/**
 * An integral over the patches of an outline by cells: each is divided into four wherever the four differ from the whole by more
 * than its part of the allowed error; the finer value is kept, so the true error is far smaller as a rule.
 */
public abstract class AdaptiveCubature {

    private final int least;
    private final int deepest;

    /**
     * @param least halvings before it is asked whether more would change anything
     * @param deepest halvings at most
     */
    protected AdaptiveCubature(int least, int deepest) {
        this.least = least;
        this.deepest = deepest;
    }

    /** The integral over a square cell of a patch from (s, t), its whole being from 0 to 1. */
    protected abstract double cell(int patch, double s, double t, double size);

    /**
     * The integral over a patch.
     *
     * @param coarse its value as one cell
     */
    protected final double refined(int patch, double coarse, double allowed) {
        return refined(patch, 0, 0, 1, coarse, allowed, 0);
    }

    private double refined(int patch, double s, double t, double size, double coarse, double allowed, int depth) {
        Cancellation.check();
        double half = size / 2;
        double a = cell(patch, s, t, half);
        double b = cell(patch, s + half, t, half);
        double c = cell(patch, s, t + half, half);
        double d = cell(patch, s + half, t + half, half);
        double fine = a + b + c + d;
        if (depth + 1 >= deepest || depth >= least && Math.abs(fine - coarse) <= allowed) {
            return fine;
        }
        double share = allowed / 2;
        return refined(patch, s, t, half, a, share, depth + 1)
                + refined(patch, s + half, t, half, b, share, depth + 1)
                + refined(patch, s, t + half, half, c, share, depth + 1)
                + refined(patch, s + half, t + half, half, d, share, depth + 1);
    }
}
