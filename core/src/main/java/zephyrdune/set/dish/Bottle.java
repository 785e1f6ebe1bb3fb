package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A bottle with a neck, a stopper and a paper label.
 *
 * @param fill level of the contents as a share of the height
 * @param labelHeight height of the label as a share of the bottle's, 0 for none
 */
public record Bottle(
        @Within(min = 0.03, max = 0.2, unit = Unit.METRE) double diameter,
        @Within(min = 0.08, max = 0.5, unit = Unit.METRE) double bottleHeight,
        Medium glass,
        @Within(min = 0, max = 0.9, unit = Unit.RATIO) double fill,
        Medium contents,
        @Within(min = 0, max = 0.5, unit = Unit.RATIO) double labelHeight,
        Surface label,
        Condensation condensation)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Bottle.class);

    /** Where the straight side ends, as a share of the height. */
    public static final double SHOULDER = 0.62;

    /** Across the neck, as a share of the diameter. */
    public static final double NECK = 0.38;

    /** A label has at most so much of the straight side. */
    private static final double LABEL_ON_SIDE = 0.9;

    public Bottle {
        LIMITS.require(diameter, bottleHeight, fill, labelHeight);
        Objects.requireNonNull(glass);
        Objects.requireNonNull(contents);
        Objects.requireNonNull(label);
        Objects.requireNonNull(condensation);
    }

    /** Height of the label's lower edge, metres. */
    public double labelFrom() {
        return (SHOULDER * bottleHeight - labelSize()) / 2;
    }

    /** Height of the label's upper edge, metres. */
    public double labelTo() {
        return labelFrom() + labelSize();
    }

    private double labelSize() {
        return Math.min(labelHeight * bottleHeight, LABEL_ON_SIDE * SHOULDER * bottleHeight);
    }

    @Override
    public double front() {
        return labelHeight > 0 ? (labelFrom() + labelTo()) / 2 : bottleHeight / 2;
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
                Rim.circle(NECK * diameter, bottleHeight));
    }
}
