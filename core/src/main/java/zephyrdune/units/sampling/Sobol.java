package zephyrdune.units.sampling;

/**
 * The first two dimensions of Sobol's sequence (I. M. Sobol, 1967), scrambled after Owen by hashing (B. Burley, Practical
 * hash-based Owen scrambling, J. Comput. Graph. Tech. 9(4), 2020). Every power of two of the points is evenly spread by itself,
 * and every point is by itself evenly distributed, so that means over them are free of bias.
 */
public final class Sobol {

    private static final int FIRST_SEED = 0x1b873593;
    private static final int SECOND_SEED = 0x3c6ef372;

    /** Second dimension of the indices 0 to 255, and of 256 times those; bits in reverse. */
    private static final int[] LOW = seconds(0);

    private static final int[] HIGH = seconds(8);

    private Sobol() {}

    /** First coordinate of a point, 0 to below 1: its index read backwards. */
    public static double first(int index, int seed) {
        return unit(Integer.reverse(flipped(index, seed ^ FIRST_SEED)));
    }

    /** Second coordinate of a point, 0 to below 1; the sequence starts again after 65,536 points. */
    public static double second(int index, int seed) {
        return unit(Integer.reverse(flipped(LOW[index & 255] ^ HIGH[(index >>> 8) & 255], seed ^ SECOND_SEED)));
    }

    /**
     * An index to take instead, so that pairs of coordinates of different seeds have nothing to do with each other; every
     * aligned run of a power of two stays together.
     */
    public static int shuffled(int index, int seed) {
        return Integer.reverse(flipped(Integer.reverse(index), seed)) & 0xffff;
    }

    /** A seed that belongs to two numbers. */
    public static int seed(int first, int second) {
        int h = first * 0x9e3779b9 + second * 0x85ebca6b;
        h ^= h >>> 16;
        h *= 0x7feb352d;
        h ^= h >>> 15;
        h *= 0x846ca68b;
        return h ^ (h >>> 16);
    }

    /** Each direction number is the one before, exclusive-or with its half. */
    private static int[] seconds(int shift) {
        int[] values = new int[256];
        for (int i = 0; i < values.length; i++) {
            int value = 0;
            int direction = 1 << 31;
            for (int rest = i << shift; rest != 0; rest >>>= 1) {
                if ((rest & 1) != 0) {
                    value ^= direction;
                }
                direction ^= direction >>> 1;
            }
            values[i] = Integer.reverse(value);
        }
        return values;
    }

    /** Owen's scrambling of bits in reverse: each is flipped by a hash of those below it (Laine and Karras's hash). */
    private static int flipped(int reversed, int seed) {
        int x = reversed + seed;
        x ^= x * 0x6c50b47c;
        x ^= x * 0xb82f1e52;
        x ^= x * 0xc7afe638;
        x ^= x * 0x8d22f6e6;
        return x;
    }

    private static double unit(int bits) {
        return ((bits >>> 8) + 0.5) * 0x1p-24;
    }
}
