package zephyrdune.set.card;

import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Round holes in staggered rows.
 *
 * @param diameter of the largest
 * @param smallest diameter; the sizes are mixed between the two
 * @param spacing from the middle of a hole to the next
 * @param jitter how far holes are out of their rows: 0 not at all, 1 as far as they can without touching
 */
public record RoundHoles(
        @Within(min = 0.002, max = 0.3, unit = Unit.METRE) double diameter,
        @Within(min = 0.001, max = 0.3, unit = Unit.METRE) double smallest,
        @Within(min = 0.003, max = 0.5, unit = Unit.METRE) double spacing,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double jitter)
        implements Holes {

    private static final Limits LIMITS = Limits.of(RoundHoles.class);

    public RoundHoles {
        LIMITS.require(diameter, smallest, spacing, jitter);
        if (diameter >= spacing) {
            throw new Refused("spacing", "The holes run into each other; space them wider than they are across");
        }
        if (smallest > diameter) {
            throw new Refused("smallest", "The smallest hole is larger than the largest");
        }
    }

    /** All of one size, in their rows. */
    public RoundHoles(double diameter, double spacing) {
        this(diameter, diameter, spacing, 0);
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        return Staggered.pieces(
                spacing,
                jitter * (spacing - diameter) / 2,
                reach,
                (row, column, across, up) ->
                        Piece.disc(across, up, (diameter - (diameter - smallest) * Scatter.at(row, column, 2)) / 2));
    }

    @Override
    public double pitch() {
        return spacing;
    }

    @Override
    public double opening() {
        return diameter;
    }
}
