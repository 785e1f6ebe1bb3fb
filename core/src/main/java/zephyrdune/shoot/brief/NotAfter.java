package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/** Two dishes of which the second is not to come straight after the first, by their keys. */
public record NotAfter(
        @Line(max = 40) String first, @Line(max = 40) String second) {

    private static final LineLimit FIRST = Limits.line(NotAfter.class, "first");
    private static final LineLimit SECOND = Limits.line(NotAfter.class, "second");

    public NotAfter {
        FIRST.require(first);
        SECOND.require(second);
    }
}
