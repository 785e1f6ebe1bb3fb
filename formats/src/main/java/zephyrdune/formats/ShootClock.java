package zephyrdune.formats;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.WindowDaylight;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.units.measure.Refused;

/**
 * Moments of a shoot as minutes of its day and back. Minutes go on evenly from its start: where clocks are changed during a shoot, minutes of the
 * day are those of the clock as it was before.
 */
public record ShootClock(ZonedDateTime start, double startMinute) {

    private static final int MINUTES = 60;
    private static final double MILLIS = 60_000;

    /** @throws Refused for a date or a time zone that there is not */
    public static ShootClock of(Shoot shoot) {
        ZoneId zone = zone(shoot.zone());
        long minute = Math.round(shoot.starts() * MINUTES);
        try {
            ZonedDateTime start = LocalDate.parse(shoot.date())
                    .atStartOfDay()
                    .plusMinutes(minute)
                    .atZone(zone);
            return new ShootClock(start, minute);
        } catch (DateTimeException e) {
            throw new Refused("date", "There is no %s; choose another day".formatted(shoot.date()));
        }
    }

    private static ZoneId zone(String name) {
        try {
            return ZoneId.of(name);
        } catch (DateTimeException e) {
            throw new Refused("zone", "“%s” is no time zone; write one as Europe/Berlin".formatted(name));
        }
    }

    /** The room's own light through the day, where daylight comes into it. */
    public Optional<RoomLight> room(Shoot shoot) {
        return shoot.daylight() instanceof WindowDaylight window
                ? Optional.of(RoomLight.of(window, instant(0).toEpochMilli()))
                : Optional.empty();
    }

    public double minute(Instant at) {
        return startMinute + Duration.between(start.toInstant(), at).toMillis() / MILLIS;
    }

    public Instant instant(double minute) {
        return start.toInstant().plusMillis(Math.round((minute - startMinute) * MILLIS));
    }

    /** A moment on the clocks of the place. */
    public ZonedDateTime local(double minute) {
        return instant(minute).atZone(start.getZone());
    }
}
