package zephyrdune.render.picture;

import java.util.Arrays;

/** Which share of a film's pixels shows reflected light alone, and how many paths each of them is worth. Every tile is for one thread at a time. */
final class IndirectPixels {

    /** Paths that a pass has more at most, as a share of all pixels. */
    private static final double MORE_PATHS = 1.4;

    private static final int MOST_PATHS = 6;

    private final int pixels;
    private final int[] noted;
    private final int[] indirect;

    /** The share as long as it is not known: so large that a path each has to do. */
    private double expected = Double.POSITIVE_INFINITY;

    IndirectPixels(int tiles, int pixels) {
        this.pixels = pixels;
        noted = new int[tiles];
        indirect = new int[tiles];
    }

    /** Begins with what a coarser film of the same set has found. */
    void expect(IndirectPixels coarser) {
        expected = coarser.share();
    }

    /** Takes in what the first sample of a pixel has found. */
    void note(int tile, boolean reflectedAlone) {
        noted[tile]++;
        indirect[tile] += reflectedAlone ? 1 : 0;
    }

    private double share() {
        return Arrays.stream(noted).sum() < pixels
                ? expected
                : Arrays.stream(indirect).sum() / (double) pixels;
    }

    /** The fewer there are, the more paths of each: a pass gets longer by no more than a bounded share. */
    int paths() {
        return 1 + (int) Math.min(MOST_PATHS - 1, MORE_PATHS / share());
    }
}
