package zephyrdune.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.parameter.Related;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.ChangeStep;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunSheetRow;

/** The run sheet as a calendar (iCalendar, RFC 5545): a dish an event, with an alarm before it is due. */
public final class RunSheetCalendar {

    /** So long before a dish is due its alarm rings. */
    private static final Duration BEFORE = Duration.ofMinutes(-5);

    private RunSheetCalendar() {}

    /** @param written when; calendars ask for it */
    public static byte[] write(Shoot shoot, RunSheet sheet, ShootClock clock, Instant written) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Zephyrdune//Run sheet//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        for (RunSheetRow row : sheet.rows()) {
            VEvent event = event(
                    shoot.date() + row.key(),
                    clock.instant(row.starts()),
                    clock.instant(row.ends()),
                    row.name(),
                    written);
            event.add(new Description(described(row, clock)));
            VAlarm alarm = new VAlarm(BEFORE);
            // the default, which some readers want said
            alarm.getRequiredProperty("TRIGGER").add(Related.START);
            alarm.add(new Action("DISPLAY"));
            alarm.add(new Description(row.name()));
            event.add(alarm);
            calendar.add(event);
        }
        for (Appointment one : shoot.appointments()) {
            calendar.add(event(
                    shoot.date() + one.title(),
                    clock.instant(one.startMinute()),
                    clock.instant(one.endMinute()),
                    one.title(),
                    written));
        }
        return bytes(calendar);
    }

    private static VEvent event(String of, Instant from, Instant to, String title, Instant written) {
        VEvent event = new VEvent(from, to, title);
        // a stamp is there already, of this moment
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(written));
        event.add(new Uid(UUID.nameUUIDFromBytes(of.getBytes(StandardCharsets.UTF_8)) + "@zephyrdune"));
        return event;
    }

    private static String described(RunSheetRow row, ShootClock clock) {
        String change = row.change().steps().stream().map(ChangeStep::words).collect(Collectors.joining("\n"));
        return "Kitchen begins %tR, ready %tR%n%s"
                .formatted(clock.local(row.kitchenStarts()), clock.local(row.ready()), change);
    }

    private static byte[] bytes(Calendar calendar) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(true).output(calendar, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
