package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/** A set that is kept, by what it is kept under. */
public record KeptSet(@Line(max = 60) String id) implements ShotSet {

    private static final LineLimit ID = Limits.line(KeptSet.class, "id");

    public KeptSet {
        ID.require(id);
    }
}
