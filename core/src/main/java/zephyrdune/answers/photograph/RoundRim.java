package zephyrdune.answers.photograph;

import java.util.List;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A level, round rim: of a plate, a bowl or a glass.
 *
 * @param rim marks all round it
 * @param height of the rim above the table
 */
public record RoundRim(
        @Count(min = 5, max = 24) List<Mark> rim,
        @Within(min = 0.02, max = 1, unit = Unit.METRE) double diameter,
        @Within(min = 0, max = 0.4, unit = Unit.METRE) double height)
        implements TablePlane {

    private static final Limits LIMITS = Limits.of(RoundRim.class);
    private static final CountLimit RIM = Limits.count(RoundRim.class, "rim");

    public RoundRim {
        rim = RIM.copy(rim);
        LIMITS.require(diameter, height);
    }
}
