package zephyrdune.illuminance;

/**
 * Points spread more evenly over the unit square than chance would: the first two dimensions of Sobol's sequence, scrambled
 * after Owen by hashing (B. Burley, Practical hash-based Owen scrambling, J. Comput. Graph. Tech. 9(4), 2020). Every
 * power of two of them is evenly spread by itself.
 */
final class LowDiscrepancy {

    /** Points at hand. */
    static final int SIZE = 1 << 12;

    private static final double[] POINTS = points();

    private LowDiscrepancy() {}

    static double first(int index) {
        return POINTS[2 * index];
    }

    static double second(int index) {
        return POINTS[2 * index + 1];
    }

    private static double[] points() {
        double[] points = new double[2 * SIZE];
        for (int i = 0; i < SIZE; i++) {
            points[2 * i] = unit(scrambled(Integer.reverse(i), 0x1b873593));
            points[2 * i + 1] = unit(scrambled(second(i, 1 << 31), 0x3c6ef372));
        }
        return points;
    }

    /** Second dimension: each direction number is the one before, exclusive-or with its half. */
    private static int second(int index, int firstDirection) {
        int value = 0;
        int direction = firstDirection;
        for (int rest = index; rest != 0; rest >>>= 1) {
            if ((rest & 1) != 0) {
                value ^= direction;
            }
            direction ^= direction >>> 1;
        }
        return value;
    }

    /** Owen's scrambling: each bit is flipped by a hash of the bits above it (Laine and Karras's hash, reversed). */
    private static int scrambled(int bits, int seed) {
        int x = Integer.reverse(bits);
        x += seed;
        x ^= x * 0x6c50b47c;
        x ^= x * 0xb82f1e52;
        x ^= x * 0xc7afe638;
        x ^= x * 0x8d22f6e6;
        return Integer.reverse(x);
    }

    private static double unit(int bits) {
        return ((bits >>> 8) + 0.5) * 0x1p-24;
    }
}
