package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A cup of something on its saucer, the handle to the right.
 *
 * @param diameter of the cup
 * @param fill level of the contents as a share of the cup's height
 */
public record Cup(
        @Within(min = 0.04, max = 0.2, unit = Unit.METRE) double diameter,
        @Within(min = 0.03, max = 0.2, unit = Unit.METRE) double cupHeight,
        Surface surface,
        @Within(min = 0.2, max = 0.95, unit = Unit.RATIO) double fill,
        Surface contents)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Cup.class);

    /** Across the saucer, in diameters of the cup. */
    public static final double SAUCER = 1.7;

    /** Height of the saucer's rim, metres. */
    public static final double SAUCER_RIM = 0.012;

    public Cup {
        LIMITS.require(diameter, cupHeight, fill);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(contents);
    }

    @Override
    public double top() {
        return fill * cupHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(SAUCER * diameter, SAUCER_RIM), Rim.circle(diameter, cupHeight));
    }
}
