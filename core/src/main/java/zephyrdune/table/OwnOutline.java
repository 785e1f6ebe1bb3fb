package zephyrdune.table;

import java.util.List;
import zephyrdune.measure.Count;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * A closed line to cut along.
 *
 * @param points its corners from the pattern's middle, across and up in turn, in shares of the pattern's width
 */
public record OwnOutline(
        @Count(min = 6, max = 2 * OwnHoles.MOST_POINTS) @Within(min = -10, max = 10, unit = Unit.RATIO)
        List<Double> points) {

    private static final Limits LIMITS = Limits.of(OwnOutline.class);

    public OwnOutline {
        points = List.copyOf(points);
        LIMITS.require(points);
        if (points.size() % 2 != 0) {
            throw new Refused("points", "Every corner of an outline needs two numbers, across and up");
        }
    }
}
