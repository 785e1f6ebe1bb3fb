package zephyrdune.illuminance;

import zephyrdune.sampling.Sobol;

/** A table of {@link Sobol} points over the unit square. */
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
            points[2 * i] = Sobol.first(i, 0);
            points[2 * i + 1] = Sobol.second(i, 0);
        }
        return points;
    }
}
