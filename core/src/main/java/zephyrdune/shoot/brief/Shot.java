package zephyrdune.shoot.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A picture that is wanted of a dish.
 *
 * @param lasts from the dish on the table to the last frame
 */
@RecordBuilder
public record Shot(
        @Line(max = 60) String title,
        @Within(min = 0.5, max = 240, unit = Unit.MINUTE) double lasts,
        ShotSet set) implements ShotBuilder.With {

    private static final LineLimit TITLE = Limits.line(Shot.class, "title");
    private static final Limits LIMITS = Limits.of(Shot.class);

    public Shot {
        TITLE.require(title);
        LIMITS.require(lasts);
        Objects.requireNonNull(set);
    }
}
