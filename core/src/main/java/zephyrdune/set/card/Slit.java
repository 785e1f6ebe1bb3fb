package zephyrdune.set.card;

import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Two boards side by side that leave an upright slit between them.
 *
 * @param gap between the boards; at none they touch, and no light passes
 */
public record Slit(
        @Within(min = 0, max = 1, unit = Unit.METRE) double gap) implements Holes {

    private static final Limits LIMITS = Limits.of(Slit.class);

    public Slit {
        LIMITS.require(gap);
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        return gap == 0 ? List.of() : List.of(Piece.rectangle(-gap / 2, -reach, gap / 2, reach));
    }

    @Override
    public boolean toTheEdge() {
        return true;
    }

    @Override
    public double opening() {
        return gap;
    }
}
