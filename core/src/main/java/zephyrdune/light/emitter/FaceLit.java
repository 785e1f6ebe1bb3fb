package zephyrdune.light.emitter;

import java.util.Arrays;

/**
 * A face as bright as the light it gets from another, matte face that stands parallel behind it, and from all round: tabled on a
 * grid, straight lines in between, and 1 where it is brightest.
 */
final class FaceLit implements Evenness {

    /** Places along each side of the grid. */
    private static final int SIDE = 21;

    /** Places along each side of the other face that stand for it. */
    private static final int SOURCES = 16;

    /** Places along each side that means are taken over. */
    private static final int MEANS = 48;

    private final double[] grid;

    private FaceLit(double[] grid) {
        this.grid = grid;
    }

    /** Illuminance on the places of the grid from another face that a point lights; see the other one. */
    static double[] illuminance(
            PointLit lit, Outline outline, double[] behind, double flux, double[] half, double gap) {
        double[] bounds = lit.lit(outline);
        double[][] places = new double[SOURCES * SOURCES][];
        double[] given = new double[places.length];
        for (int i = 0; i < places.length; i++) {
            double across = bounds[0] + (i % SOURCES + 0.5) / SOURCES * (bounds[1] - bounds[0]);
            double up = bounds[2] + (i / SOURCES + 0.5) / SOURCES * (bounds[3] - bounds[2]);
            places[i] = new double[] {across, up};
            given[i] = outline.holds(across, up) ? lit.at(across, up) : 0;
        }
        return illuminance(places, given, behind, flux, half, gap);
    }

    /**
     * Illuminance on the places of the grid from another face that is even.
     *
     * @param behind half the sides of the other face, metres
     * @param flux of the other face
     * @param half half the sides of this face, metres
     * @param gap between the two, metres
     */
    static double[] illuminance(Outline outline, double[] behind, double flux, double[] half, double gap) {
        double[][] places = new double[SOURCES * SOURCES][2];
        double[] given = new double[places.length];
        Arrays.fill(given, 1);
        for (int i = 0; i < places.length; i++) {
            outline.place((i % SOURCES + 0.5) / SOURCES, (i / SOURCES + 0.5) / SOURCES, places[i]);
        }
        return illuminance(places, given, behind, flux, half, gap);
    }

    private static double[] illuminance(
            double[][] places, double[] given, double[] behind, double flux, double[] half, double gap) {
        double[] x = new double[places.length];
        double[] y = new double[places.length];
        double sum = 0;
        for (int i = 0; i < places.length; i++) {
            x[i] = places[i][0] * behind[0];
            y[i] = places[i][1] * behind[1];
            sum += given[i];
        }
        // L cos cos / d2 of each place, L its light over pi and its area
        double scale = sum == 0 ? 0 : flux / sum * gap * gap / Math.PI;
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
            grid[i] = light * scale;
        }
        return grid;
    }

    /** By the illuminance on the grid's places; all of it dark counts as even. */
    static FaceLit of(double[] illuminance) {
        double most = Arrays.stream(illuminance).max().orElseThrow();
        double[] grid = new double[illuminance.length];
        for (int i = 0; i < grid.length; i++) {
            grid[i] = most == 0 ? 1 : illuminance[i] / most;
        }
        return new FaceLit(grid);
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

    /** Over places in even rows and columns: it is smooth, and dimmest along its edge. */
    @Override
    public double mean(Outline outline, int power) {
        double sum = 0;
        int held = 0;
        for (int i = 0; i < MEANS * MEANS; i++) {
            double across = 2 * (i % MEANS + 0.5) / MEANS - 1;
            double up = 2 * (i / MEANS + 0.5) / MEANS - 1;
            if (outline.holds(across, up)) {
                double value = at(across, up);
                sum += power == 1 ? value : value * value;
                held++;
            }
        }
        return sum / held;
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
