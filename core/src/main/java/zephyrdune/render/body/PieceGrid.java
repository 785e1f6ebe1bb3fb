package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.set.card.Piece;

/** Finds the piece of a pattern at a place of its card by way of a grid of cells, each with the pieces that reach into it. */
final class PieceGrid {

    private static final int CELLS = 32;
    private static final Piece[] NONE = {};

    private final double halfWidth;
    private final double halfHeight;
    private final Piece[][] cells;

    PieceGrid(List<Piece> pieces, double halfWidth, double halfHeight) {
        this.halfWidth = halfWidth;
        this.halfHeight = halfHeight;
        cells = new Piece[pieces.isEmpty() ? 0 : CELLS * CELLS][];
        List<List<Piece>> found = new ArrayList<>();
        for (int i = 0; i < cells.length; i++) {
            found.add(new ArrayList<>());
        }
        for (Piece piece : pieces) {
            double[] c = piece.corners();
            double left = Double.POSITIVE_INFINITY;
            double right = Double.NEGATIVE_INFINITY;
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < c.length; i += 2) {
                left = Math.min(left, c[i]);
                right = Math.max(right, c[i]);
                low = Math.min(low, c[i + 1]);
                high = Math.max(high, c[i + 1]);
            }
            for (int row = cell(low, halfHeight); row <= cell(high, halfHeight); row++) {
                for (int column = cell(left, halfWidth); column <= cell(right, halfWidth); column++) {
                    found.get(row * CELLS + column).add(piece);
                }
            }
        }
        for (int i = 0; i < cells.length; i++) {
            cells[i] = found.get(i).toArray(NONE);
        }
    }

    /** Whether there is a piece at a place. */
    boolean holds(double across, double up) {
        if (cells.length == 0) {
            return false;
        }
        for (Piece piece : cells[cell(up, halfHeight) * CELLS + cell(across, halfWidth)]) {
            if (piece.holds(across, up)) {
                return true;
            }
        }
        return false;
    }

    private static int cell(double place, double half) {
        return Math.max(0, Math.min(CELLS - 1, (int) ((place / half + 1) / 2 * CELLS)));
    }
}
