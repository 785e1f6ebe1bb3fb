package zephyrdune.render.trace;

/**
 * A density on 0 to 1 that is constant in each of so many equal cells, picked from by inversion; where to begin to look comes from a table of
 * cut points (H.-C. Chen and Y. Asau, On generating random variates from an empirical distribution, AIIE Trans. 6, 1974, from memory).
 */
final class PiecewiseConstant {

    /** Cut points to a cell: few numbers then have to look at more than one. */
    private static final int CUTS = 8;

    /** Of the cells before each, over that of all. */
    private final double[] sums;

    /** The cell in which each equal part of 0 to 1 begins. */
    private final short[] cuts;

    /** @param weights of the cells, all more than 0 */
    PiecewiseConstant(double[] weights) {
        int cells = weights.length;
        sums = new double[cells + 1];
        for (int cell = 0; cell < cells; cell++) {
            sums[cell + 1] = sums[cell] + weights[cell];
        }
        double whole = sums[cells];
        for (int cell = 0; cell <= cells; cell++) {
            sums[cell] /= whole;
        }
        cuts = new short[CUTS * cells];
        int cell = 0;
        for (int part = 0; part < cuts.length; part++) {
            cell = from(cell, (double) part / cuts.length);
            cuts[part] = (short) cell;
        }
    }

    /** The cell that a number from 0 to 1 picks. */
    int cell(double number) {
        int part = Math.max(0, Math.min(cuts.length - 1, (int) (number * cuts.length)));
        return from(cuts[part], number);
    }

    private int from(int first, double number) {
        int cell = first;
        while (cell < sums.length - 2 && sums[cell + 1] <= number) {
            cell++;
        }
        return cell;
    }

    /** The place from 0 to 1 that a number picks. */
    double place(int cell, double number) {
        return (cell + (number - sums[cell]) / share(cell)) / (sums.length - 1);
    }

    /** How often a cell is picked. */
    double share(int cell) {
        return sums[cell + 1] - sums[cell];
    }
}
