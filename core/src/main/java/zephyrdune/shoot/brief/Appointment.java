package zephyrdune.shoot.brief;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A time in which nothing is photographed and nothing is moved: a break, a client who comes to look, the room taken by others.
 *
 * @param starts time of day
 */
public record Appointment(
        @Line(max = 80) String title,

        @Within(min = 0, max = Shoot.LATEST, unit = Unit.HOUR)
        double starts,

        @Within(min = 1, max = 720, unit = Unit.MINUTE) double lasts) {

    private static final LineLimit TITLE = Limits.line(Appointment.class, "title");
    private static final Limits LIMITS = Limits.of(Appointment.class);

    public Appointment {
        TITLE.require(title);
        LIMITS.require(starts, lasts);
    }

    /** Minutes of the day. */
    public double startMinute() {
        return starts * 60;
    }

    /** Minutes of the day. */
    public double endMinute() {
        return starts * 60 + lasts;
    }
}
