package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/** A line of a brief. */
public record Note(@Line(max = 400) String text) {

    private static final LineLimit TEXT = Limits.line(Note.class, "text");

    public Note {
        TEXT.require(text);
    }
}
