package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A watch's head lying flat: a polished case with a sunk dial, twelve marks and two hands.
 *
 * @param metal of the case
 * @param marks on the dial, and its hands
 */
public record Watch(
        @Within(min = 0.02, max = 0.12, unit = Unit.METRE) double diameter,
        @Within(min = 0.004, max = 0.03, unit = Unit.METRE) double thickness,
        Surface metal,
        Surface dial,
        Surface marks)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Watch.class);

    /** Height of the dial and of the hands over it, as shares. */
    public static final double DIAL = 0.8;

    public static final double HANDS = 0.92;

    /** Across the dial, in diameters. */
    public static final double FACE = 0.84;

    public Watch {
        LIMITS.require(diameter, thickness);
        Objects.requireNonNull(metal);
        Objects.requireNonNull(dial);
        Objects.requireNonNull(marks);
    }

    @Override
    public double top() {
        return HANDS * thickness;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, thickness / 2), Rim.circle(0.9 * diameter, thickness));
    }
}
