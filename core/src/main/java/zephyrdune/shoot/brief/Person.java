package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/** Somebody at the shoot, and what they do there. */
public record Person(
        @Line(max = 80) String name, @Line(max = 120) String does) {

    private static final LineLimit NAME = Limits.line(Person.class, "name");
    private static final LineLimit DOES = Limits.line(Person.class, "does");

    public Person {
        NAME.require(name);
        DOES.require(does);
    }
}
