package zephyrdune.light.illuminance;

/**
 * The angle between two directions from the length of their cross product and their dot product, as {@link Math#atan2} gives
 * it, to within three units in the last place and in about a third of the time.
 *
 * <p>The arc tangent of a ratio up to 1 is that of the nearest of 64 tabled ratios plus that of a small rest, {@code (u - c) /
 * (1 + u c)}, whose series ends after four terms.
 */
final class Angle {

    private static final int STEPS = 64;
    private static final double[] TABLE = table();

    private Angle() {}

    private static double[] table() {
        double[] table = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            table[i] = Math.atan((double) i / STEPS);
        }
        return table;
    }

    /**
     * @param cross length of the cross product, not negative
     * @param dot dot product
     * @return radians, 0 to pi
     */
    static double of(double cross, double dot) {
        double length = Math.abs(dot);
        double acute = cross <= length ? ratio(cross / length) : Math.PI / 2 - ratio(length / cross);
        return dot >= 0 ? acute : Math.PI - acute;
    }

    private static double ratio(double u) {
        int nearest = (int) (u * STEPS + 0.5);
        double c = (double) nearest / STEPS;
        double t = (u - c) / (1 + u * c);
        double s = t * t;
        return TABLE[nearest] + t * (1 - s * (1.0 / 3 - s * (1.0 / 5 - s * (1.0 / 7 - s / 9))));
    }
}
