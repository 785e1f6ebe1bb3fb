package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Places in staggered rows about a pattern's middle, each shaken by chance, the nearest to the middle first. */
final class Staggered {

    interface Maker {
        Piece at(int row, int column, double across, double up);
    }

    private Staggered() {}

    /**
     * @param shake how far a place may be moved each way, metres
     * @param reach how far from the middle places are wanted
     */
    static List<Piece> pieces(double spacing, double shake, double reach, Maker maker) {
        List<Piece> pieces = new ArrayList<>();
        double rowHeight = spacing * Math.sqrt(0.75);
        int rows = rowsFor(reach, rowHeight);
        int columns = rowsFor(reach, spacing);
        for (int row = -rows; row <= rows; row++) {
            for (int column = -columns; column <= columns; column++) {
                double round = 2 * Math.PI * Scatter.at(row, column, 0);
                double out = shake * Math.sqrt(Scatter.at(row, column, 1));
                pieces.add(maker.at(
                        row,
                        column,
                        (column + ((row & 1) == 0 ? 0 : 0.5)) * spacing + out * Math.cos(round),
                        row * rowHeight + out * Math.sin(round)));
            }
        }
        pieces.sort(Comparator.comparingDouble(piece -> Math.hypot(piece.across(), piece.up())));
        return pieces.subList(0, Math.min(pieces.size(), Holes.MOST));
    }

    /** Rows to each side of the middle; no more than can be kept. */
    private static int rowsFor(double reach, double spacing) {
        return (int) Math.min(Math.ceil(reach / spacing), Math.ceil(Math.sqrt(Holes.MOST)));
    }
}
