package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A printed box, its label in front.
 *
 * @param labelHeight as a share of the height, 0 for none
 */
public record Carton(
        @Within(min = 0.01, max = 0.5, unit = Unit.METRE) double width,
        @Within(min = 0.01, max = 0.5, unit = Unit.METRE) double depth,
        @Within(min = 0.01, max = 0.6, unit = Unit.METRE) double cartonHeight,
        Surface board,
        @Within(min = 0, max = 0.9, unit = Unit.RATIO) double labelHeight,
        Surface label)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Carton.class);

    /** Across the label, as a share of the width. */
    public static final double LABEL_WIDTH = 0.8;

    public Carton {
        LIMITS.require(width, depth, cartonHeight, labelHeight);
        Objects.requireNonNull(board);
        Objects.requireNonNull(label);
    }

    @Override
    public double top() {
        return cartonHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(width, depth, cartonHeight));
    }
}
