package zephyrdune.emitter;

import java.util.Arrays;
import java.util.function.DoubleBinaryOperator;

/**
 * A face as bright as the light it gets from another, matte face that stands parallel behind it, and from all round: tabled on a
 * grid, straight lines in between, and 1 where it is brightest.
 */
final class FaceLit implements Evenness {

    /** Places along each side of the grid. */
    private static final int SIDE = 25;

    /** Places along each side of the other face that stand for it. */
    private static final int SOURCES = 20;

    private final double[] grid;

    private FaceLit(double[] grid) {
        this.grid = grid;
    }

    /**
     * What a face gets.
     *
     * @param even1 the brightest place's illuminance, from both
     * @param caught share of the other face's light that falls on this one
     */
    record Lit(FaceLit evenness, double brightest, double mean) {}

    /**
     * @param exitance light that each place of the other face gives off per area; places from -1 to 1
     * @param behind half the sides of the other face, metres
     * @param flux of the other face, to which the sum over its places is brought
     * @param half half the sides of this face, metres
     * @param gap between the two, metres
     * @param round illuminance from all round beside that
     */
    static Lit of(
            DoubleBinaryOperator exitance,
            Outline outlineBehind,
            double[] behind,
            double flux,
            Outline outline,
            double[] half,
            double gap,
            double round) {
        double[] x = new double[SOURCES * SOURCES];
        double[] y = new double[SOURCES * SOURCES];
        double[] given = new double[SOURCES * SOURCES];
        double[] place = new double[2];
        double sum = 0;
        for (int i = 0; i < given.length; i++) {
            outlineBehind.place((i % SOURCES + 0.5) / SOURCES, (i / SOURCES + 0.5) / SOURCES, place);
            x[i] = place[0] * behind[0];
            y[i] = place[1] * behind[1];
            given[i] = exitance.applyAsDouble(place[0], place[1]);
            sum += given[i];
        }
        double scale = sum == 0 ? 0 : flux / sum;
        double[] grid = new double[SIDE * SIDE];
        for (int i = 0; i < grid.length; i++) {
            double px = half[0] * coordinate(i % SIDE);
            double py = half[1] * coordinate(i / SIDE);
            double light = 0;
            for (int k = 0; k < given.length; k++) {
                double dx = px - x[k];
                double dy = py - y[k];
                double squared = dx * dx + dy * dy + gap * gap;
                light += given[k] / (squared * squared);
            }
            // L cos cos / d2 of each place, L its light over pi and its area
            grid[i] = light * scale * gap * gap / Math.PI + round;
        }
        double brightest = Arrays.stream(grid).max().orElseThrow();
        for (int i = 0; i < grid.length; i++) {
            grid[i] /= brightest;
        }
        FaceLit evenness = new FaceLit(grid);
        return new Lit(evenness, brightest, brightest * evenness.mean(outline, 1));
    }

    private static double coordinate(int index) {
        return 2.0 * index / (SIDE - 1) - 1;
    }

    @Override
    public double at(double across, double up) {
        double column = (across + 1) / 2 * (SIDE - 1);
        double row = (up + 1) / 2 * (SIDE - 1);
        int left = Math.max(0, Math.min(SIDE - 2, (int) column));
        int low = Math.max(0, Math.min(SIDE - 2, (int) row));
        double s = column - left;
        double t = row - low;
        int at = low * SIDE + left;
        return (1 - t) * ((1 - s) * grid[at] + s * grid[at + 1])
                + t * ((1 - s) * grid[at + SIDE] + s * grid[at + SIDE + 1]);
    }

    /** Over places spread evenly: it is smooth. */
    @Override
    public double mean(Outline outline, int power) {
        double[] place = new double[2];
        double sum = 0;
        int side = 2 * SIDE;
        for (int i = 0; i < side * side; i++) {
            outline.place((i % side + 0.5) / side, (i / side + 0.5) / side, place);
            sum += Math.pow(at(place[0], place[1]), power);
        }
        return sum / (side * side);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FaceLit that && Arrays.equals(grid, that.grid);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(grid);
    }
}
