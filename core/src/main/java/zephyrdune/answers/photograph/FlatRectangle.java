package zephyrdune.answers.photograph;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A rectangle that lies on the table: a tray, a board, a sheet of paper.
 *
 * @param corners one after the other round it
 * @param first length of the side between the first two
 * @param second length of the side between the second and the third
 */
public record FlatRectangle(
        @Count(min = 4, max = 4) List<Mark> corners,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double first,
        @Within(min = 0.02, max = 3, unit = Unit.METRE) double second)
        implements TablePlane {

    private static final Limits LIMITS = Limits.of(FlatRectangle.class);
    private static final CountLimit CORNERS = Limits.count(FlatRectangle.class, "corners");

    public FlatRectangle {
        corners = CORNERS.copy(corners);
        LIMITS.require(first, second);
    }
}
