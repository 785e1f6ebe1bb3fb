package zephyrdune.table;

import zephyrdune.measure.Limits;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * A panel of cloth or plastic that the bare source lights from behind, square to its middle: as bright in every place as the
 * light it gets there. What the source sends past its edge is lost.
 *
 * @param gap from the source to the panel
 */
public record FromBehind(
        @Within(min = 0.02, max = 5, unit = Unit.METRE) double gap) implements Filling {

    private static final Limits LIMITS = Limits.of(FromBehind.class);

    public FromBehind {
        LIMITS.require(gap);
    }
}
