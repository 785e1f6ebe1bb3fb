package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A small bottle with a collar, a rubber bulb and a paper label.
 *
 * @param fill level of the contents as a share of the glass's height
 * @param cap collar and bulb
 * @param labelHeight height of the label as a share of the straight side, 0 for none
 */
public record DropperBottle(
        @Within(min = 0.02, max = 0.08, unit = Unit.METRE) double diameter,
        @Within(min = 0.05, max = 0.2, unit = Unit.METRE) double bottleHeight,
        Medium glass,
        @Within(min = 0, max = 0.95, unit = Unit.RATIO) double fill,
        Medium contents,
        Surface cap,
        @Within(min = 0, max = 0.95, unit = Unit.RATIO) double labelHeight,
        Surface label)
        implements Dish {

    private static final Limits LIMITS = Limits.of(DropperBottle.class);

    /** Where the straight side and the glass end, and where the bulb begins, as shares of the height. */
    public static final double SHOULDER = 0.5;

    public static final double MOUTH = 0.62;
    public static final double COLLAR = 0.72;

    /** Across the neck, the collar and the bulb, in diameters. */
    public static final double NECK = 0.46;

    public static final double CAP = 0.56;
    public static final double BULB = 0.4;

    public DropperBottle {
        LIMITS.require(diameter, bottleHeight, fill, labelHeight);
        Objects.requireNonNull(glass);
        Objects.requireNonNull(contents);
        Objects.requireNonNull(cap);
        Objects.requireNonNull(label);
    }

    @Override
    public double front() {
        return SHOULDER * bottleHeight / 2;
    }

    @Override
    public double top() {
        return bottleHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(
                Rim.circle(diameter, 0),
                Rim.circle(diameter, SHOULDER * bottleHeight),
                Rim.circle(CAP * diameter, COLLAR * bottleHeight),
                Rim.circle(BULB / 2 * diameter, bottleHeight));
    }
}
