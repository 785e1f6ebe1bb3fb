package zephyrdune.set.light;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A rectangular face: a softbox, a panel, a bare head.
 *
 * @param width side to side
 * @param height bottom to top
 */
public record Rectangle(
        @Within(min = 0.005, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.005, max = 3, unit = Unit.METRE) double height)
        implements Face {

    private static final Limits LIMITS = Limits.of(Rectangle.class);

    public Rectangle {
        LIMITS.require(width, height);
    }

    @Override
    public double across() {
        return width;
    }

    @Override
    public double along() {
        return height;
    }
}
