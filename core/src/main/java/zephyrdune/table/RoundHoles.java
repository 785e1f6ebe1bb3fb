package zephyrdune.table;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * Round holes in staggered rows, all over the card but for a margin as wide as the spacing's half.
 *
 * @param spacing from the middle of a hole to the next
 */
public record RoundHoles(
        @Within(min = 0.002, max = 0.3, unit = Unit.METRE) double diameter,
        @Within(min = 0.003, max = 0.5, unit = Unit.METRE) double spacing)
        implements Holes {

    /** Most holes in a card; finer ones are left out from the edges inwards. */
    public static final int MOST = 400;

    private static final Limits LIMITS = Limits.of(RoundHoles.class);

    public RoundHoles {
        LIMITS.require(diameter, spacing);
        if (diameter >= spacing) {
            throw new Refused("spacing", "The holes run into each other; space them wider than they are across");
        }
    }

    @Override
    public double[][] rounds(double width, double height) {
        List<double[]> holes = new ArrayList<>();
        double rowHeight = spacing * Math.sqrt(0.75);
        int rows = (int) Math.floor((height - spacing) / rowHeight) + 1;
        for (int row = 0; row < rows; row++) {
            double up = (row - (rows - 1) / 2.0) * rowHeight;
            int columns = (int) Math.floor((width - spacing) / spacing) + 1 - (row & 1);
            for (int column = 0; column < columns; column++) {
                holes.add(new double[] {(column - (columns - 1) / 2.0) * spacing, up, diameter / 2});
            }
        }
        holes.sort((a, b) -> Double.compare(Math.hypot(a[0], a[1]), Math.hypot(b[0], b[1])));
        return holes.stream().limit(MOST).toArray(double[][]::new);
    }
}
