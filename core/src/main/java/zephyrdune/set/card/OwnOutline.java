package zephyrdune.set.card;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

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
