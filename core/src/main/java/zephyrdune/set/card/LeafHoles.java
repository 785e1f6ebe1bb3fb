package zephyrdune.set.card;

import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Openings the shape of leaves, each pointing its own way.
 *
 * @param length from tip to tip
 * @param breadth where they are widest
 * @param spacing from the middle of a leaf to the next
 * @param jitter how far they are out of their rows: 0 not at all, 1 as far as they can without touching
 */
public record LeafHoles(
        @Within(min = 0.005, max = 0.3, unit = Unit.METRE) double length,
        @Within(min = 0.002, max = 0.2, unit = Unit.METRE) double breadth,
        @Within(min = 0.006, max = 0.5, unit = Unit.METRE) double spacing,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double jitter)
        implements Holes {

    private static final Limits LIMITS = Limits.of(LeafHoles.class);

    public LeafHoles {
        LIMITS.require(length, breadth, spacing, jitter);
        if (length >= spacing) {
            throw new Refused("spacing", "The leaves run into each other; space them wider than they are long");
        }
        if (breadth > length) {
            throw new Refused(
                    "breadth", "The leaves are broader than they are long; turn them by a right angle instead");
        }
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        return Staggered.pieces(
                spacing,
                jitter * (spacing - length) / 2,
                reach,
                (row, column, across, up) ->
                        Leaf.piece(length, breadth).placed(2 * Math.PI * Scatter.at(row, column, 2), across, up));
    }

    @Override
    public double pitch() {
        return spacing;
    }
}
