package zephyrdune.render.trace;

import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Evenness;
import zephyrdune.light.emitter.Outline;

/**
 * Picks places of an uneven face about as likely as they are bright: cells of the square round it, rows first, then along the
 * row (as maps of a surrounding are sampled: M. Pharr and others, Physically Based Rendering, from memory).
 */
final class FaceMap {

    private static final int CELLS = 32;

    /** Places looked at along each side of a cell. */
    private static final int SAMPLES = 2;

    /** Every cell is picked at least so often over its share of the square: its edge may hold light that was not looked at. */
    private static final double LEAST = 0.02;

    private final PiecewiseConstant rows;

    /** Of each row. */
    private final PiecewiseConstant[] columns = new PiecewiseConstant[CELLS];

    /** For a face that is not bright all over alike; otherwise null. */
    static FaceMap of(EmittingFace face) {
        return face.evenness().even() ? null : new FaceMap(face.evenness(), face.outline());
    }

    private FaceMap(Evenness evenness, Outline outline) {
        double[][] bright = bright(evenness, outline);
        double[][] weights = new double[CELLS][CELLS];
        double sum = 0;
        for (int row = 0; row < CELLS; row++) {
            for (int column = 0; column < CELLS; column++) {
                weights[row][column] = mean(bright, row, column);
                sum += weights[row][column];
            }
        }
        double least = LEAST * sum / (CELLS * CELLS);
        double[] ofRows = new double[CELLS];
        for (int row = 0; row < CELLS; row++) {
            for (int column = 0; column < CELLS; column++) {
                weights[row][column] += least;
                ofRows[row] += weights[row][column];
            }
            columns[row] = new PiecewiseConstant(weights[row]);
        }
        rows = new PiecewiseConstant(ofRows);
    }

    /** The face's brightness at the corners of the cells and in between; none beside it. */
    private static double[][] bright(Evenness evenness, Outline outline) {
        int side = CELLS * SAMPLES + 1;
        double[][] bright = new double[side][side];
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                double across = 2.0 * j / (side - 1) - 1;
                double up = 2.0 * i / (side - 1) - 1;
                bright[i][j] = outline.holds(across, up) ? evenness.at(across, up) : 0;
            }
        }
        return bright;
    }

    private static double mean(double[][] bright, int row, int column) {
        double sum = 0;
        for (int i = row * SAMPLES; i <= (row + 1) * SAMPLES; i++) {
            for (int j = column * SAMPLES; j <= (column + 1) * SAMPLES; j++) {
                sum += bright[i][j];
            }
        }
        return sum / (SAMPLES + 1) / (SAMPLES + 1);
    }

    /**
     * Picks a place by two numbers from 0 to 1.
     *
     * @param place gets it, across and up from -1 to 1
     * @return how likely it is picked, over one picked evenly from the square
     */
    double pick(double s, double t, double[] place) {
        int row = rows.cell(t);
        int column = columns[row].cell(s);
        place[0] = 2 * columns[row].place(column, s) - 1;
        place[1] = 2 * rows.place(row, t) - 1;
        return likely(row, column);
    }

    /** How likely a place is picked, over one picked evenly from the square. */
    double likely(double across, double up) {
        return likely(index(up), index(across));
    }

    private double likely(int row, int column) {
        return rows.share(row) * columns[row].share(column) * CELLS * CELLS;
    }

    private static int index(double place) {
        return Math.max(0, Math.min(CELLS - 1, (int) ((place + 1) / 2 * CELLS)));
    }
}
