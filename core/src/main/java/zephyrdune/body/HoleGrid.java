package zephyrdune.body;

import java.util.ArrayList;
import java.util.List;

/** Finds the round hole at a place of a card by way of a grid of cells, each with the holes that reach into it. */
final class HoleGrid {

    private static final int CELLS = 32;

    private final double[][] holes;
    private final double halfWidth;
    private final double halfHeight;
    private final int[][] cells;

    HoleGrid(double[][] holes, double halfWidth, double halfHeight) {
        this.holes = holes;
        this.halfWidth = halfWidth;
        this.halfHeight = halfHeight;
        cells = new int[holes.length == 0 ? 0 : CELLS * CELLS][];
        List<List<Integer>> found = new ArrayList<>();
        for (int i = 0; i < cells.length; i++) {
            found.add(new ArrayList<>());
        }
        for (int hole = 0; hole < holes.length; hole++) {
            double radius = holes[hole][2];
            for (int row = cell(holes[hole][1] - radius, halfHeight);
                    row <= cell(holes[hole][1] + radius, halfHeight);
                    row++) {
                for (int column = cell(holes[hole][0] - radius, halfWidth);
                        column <= cell(holes[hole][0] + radius, halfWidth);
                        column++) {
                    found.get(row * CELLS + column).add(hole);
                }
            }
        }
        for (int i = 0; i < cells.length; i++) {
            cells[i] = found.get(i).stream().mapToInt(Integer::intValue).toArray();
        }
    }

    /** Whether there is a hole at a place. */
    boolean open(double across, double up) {
        if (holes.length == 0) {
            return false;
        }
        for (int hole : cells[cell(up, halfHeight) * CELLS + cell(across, halfWidth)]) {
            double a = across - holes[hole][0];
            double b = up - holes[hole][1];
            if (a * a + b * b <= holes[hole][2] * holes[hole][2]) {
                return true;
            }
        }
        return false;
    }

    private static int cell(double place, double half) {
        return Math.max(0, Math.min(CELLS - 1, (int) ((place / half + 1) / 2 * CELLS)));
    }
}
