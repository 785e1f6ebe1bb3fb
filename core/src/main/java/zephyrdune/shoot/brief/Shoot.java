package zephyrdune.shoot.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A day, or part of one, on which dishes are photographed.
 *
 * @param date as ISO 8601 has it, 2026-12-04
 * @param zone whose clocks are meant, by its name in the IANA time zone database
 * @param starts time of day at which setting up begins
 * @param ends time of day by which the last frame is to be taken; past 24 it is the next day
 * @param kitchen time of day at which the kitchen can begin
 * @param stations how many dishes the kitchen works on at a time
 * @param daylight that comes into the room
 */
@RecordBuilder
public record Shoot(
        @Line(max = 80) String title,
        @Line(max = 80) String client,
        @Line(max = 10) String date,
        @Line(max = 60) String zone,
        @Within(min = 0, max = 24, unit = Unit.HOUR) double starts,
        @Within(min = 0, max = LATEST, unit = Unit.HOUR) double ends,
        @Within(min = 0, max = LATEST, unit = Unit.HOUR) double kitchen,
        @Within(min = 1, max = 12, unit = Unit.RATIO) double stations,
        @Count(min = 0, max = 30) List<Note> brief,
        @Count(min = 0, max = 30) List<Person> people,
        @Count(min = 0, max = MOST_DISHES) List<ShootDish> dishes,
        @Count(min = 0, max = 20) List<Appointment> appointments,
        @Count(min = 0, max = 100) List<NotAfter> apart,
        Daylight daylight)
        implements ShootBuilder.With {

    public static final int MOST_DISHES = 200;

    /** A shoot may go on past midnight until so late, as hours of the day on which it began. */
    public static final double LATEST = 30;

    public static final LineLimit TITLE = Limits.line(Shoot.class, "title");

    private static final LineLimit CLIENT = Limits.line(Shoot.class, "client");
    private static final LineLimit ZONE = Limits.line(Shoot.class, "zone");
    private static final Limits LIMITS = Limits.of(Shoot.class);
    private static final CountLimit BRIEF = Limits.count(Shoot.class, "brief");
    private static final CountLimit PEOPLE = Limits.count(Shoot.class, "people");
    private static final CountLimit DISHES = Limits.count(Shoot.class, "dishes");
    private static final CountLimit APPOINTMENTS = Limits.count(Shoot.class, "appointments");
    private static final CountLimit APART = Limits.count(Shoot.class, "apart");
    private static final Pattern DATE = Pattern.compile("\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])");

    public Shoot {
        TITLE.require(title);
        CLIENT.require(client);
        if (!DATE.matcher(date).matches()) {
            throw new Refused("date", "“%s” is no date; write it as 2026-12-04".formatted(date));
        }
        ZONE.require(zone);
        LIMITS.require(starts, ends, kitchen, stations);
        if (ends <= starts) {
            throw new Refused("ends", "The shoot ends before it begins; make “Ends” later")
                    .mendedBy(Math.min(LATEST, starts + 1));
        }
        brief = BRIEF.copy(brief);
        people = PEOPLE.copy(people);
        dishes = DISHES.copy(dishes);
        appointments = APPOINTMENTS.copy(appointments);
        apart = APART.copy(apart);
        Objects.requireNonNull(daylight);
        requireOwnKeys(dishes);
        requireOneAtATime(appointments);
    }

    private static void requireOwnKeys(List<ShootDish> dishes) {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < dishes.size(); i++) {
            if (!seen.add(dishes.get(i).key())) {
                throw new Refused("dishes[" + i + "].key", "Two dishes have one key; give this one another");
            }
        }
    }

    private static void requireOneAtATime(List<Appointment> appointments) {
        for (int i = 0; i < appointments.size(); i++) {
            Appointment one = appointments.get(i);
            for (Appointment other : appointments.subList(0, i)) {
                if (one.startMinute() < other.endMinute() && other.startMinute() < one.endMinute()) {
                    throw new Refused(
                                    "appointments[" + i + "].starts",
                                    "“%s” and “%s” are at one time; move one of them"
                                            .formatted(other.title(), one.title()))
                            .mendedBy(other.endMinute() / 60);
                }
            }
        }
    }

    public Optional<ShootDish> dish(String key) {
        return dishes.stream().filter(dish -> dish.key().equals(key)).findFirst();
    }
}
