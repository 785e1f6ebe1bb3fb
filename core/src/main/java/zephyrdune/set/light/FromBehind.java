package zephyrdune.set.light;

import io.soabase.recordbuilder.core.RecordBuilder;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A panel of cloth or plastic that the bare source lights from behind, aimed at its middle: as bright in every place as the
 * light it gets there. What the source sends past its edge is lost.
 *
 * @param gap from the source to the panel's middle
 * @param aside from square behind the panel, the source's direction to the right as seen by the source
 * @param above from square behind the panel, the source's direction upwards
 */
@RecordBuilder
public record FromBehind(
        @Within(min = 0.02, max = 5, unit = Unit.METRE) double gap,

        @Within(min = -Math.PI * 7 / 18, max = Math.PI * 7 / 18, unit = Unit.RADIAN)
        double aside,

        @Within(min = -Math.PI * 7 / 18, max = Math.PI * 7 / 18, unit = Unit.RADIAN)
        double above)
        implements Filling, LitByPoint, FromBehindBuilder.With {

    private static final Limits LIMITS = Limits.of(FromBehind.class);

    public FromBehind {
        LIMITS.require(gap, aside, above);
    }

    /** From square behind. */
    public FromBehind(double gap) {
        this(gap, 0, 0);
    }
}
