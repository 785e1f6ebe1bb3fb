package zephyrdune.set.light;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A softbox round the bare source: a lining that narrows to the source at its back, perhaps an inner baffle, and the outer
 * baffle in front, which is the face.
 *
 * @param depth from the source to the outer baffle
 * @param lining share of the light that the lining sends back: about 0.8 silver, 0.7 white (common practice, no published
 *     source)
 * @param inner the inner baffle, if there is one
 * @param outerLoss of light in the outer baffle's cloth, by itself
 * @param origin where these numbers come from
 */
@RecordBuilder
public record InBox(
        @Within(min = 0.05, max = 2, unit = Unit.METRE) double depth,
        @Within(min = 0.02, max = 0.98, unit = Unit.RATIO) double lining,
        Inner inner,
        @Within(min = 0.1, max = 4, unit = Unit.STOP) double outerLoss,
        Origin origin)
        implements Filling, InBoxBuilder.With {

    private static final Limits LIMITS = Limits.of(InBox.class);

    public InBox {
        LIMITS.require(depth, lining, outerLoss);
        Objects.requireNonNull(inner);
        Objects.requireNonNull(origin);
    }
}
