package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A jar with a wide mouth and a metal lid.
 *
 * @param fill level of the contents as a share of the height
 */
public record Jar(
        @Within(min = 0.03, max = 0.2, unit = Unit.METRE) double diameter,
        @Within(min = 0.04, max = 0.3, unit = Unit.METRE) double jarHeight,
        Medium glass,
        @Within(min = 0.1, max = 0.85, unit = Unit.RATIO) double fill,
        Surface contents,
        Surface lid)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Jar.class);

    /** Where the straight side ends, as a share of the height. */
    public static final double SHOULDER = 0.78;

    /** Across the lid, as a share of the diameter. */
    public static final double LID = 0.9;

    public Jar {
        LIMITS.require(diameter, jarHeight, fill);
        Objects.requireNonNull(glass);
        Objects.requireNonNull(contents);
        Objects.requireNonNull(lid);
    }

    @Override
    public double top() {
        return jarHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(
                Rim.circle(diameter, 0),
                Rim.circle(diameter, SHOULDER * jarHeight),
                Rim.circle(LID * diameter, jarHeight));
    }
}
