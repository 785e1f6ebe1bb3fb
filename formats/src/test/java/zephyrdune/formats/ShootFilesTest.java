package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.NoDaylight;
import zephyrdune.shoot.brief.NoSetYet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.Spoiling;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunState;
import zephyrdune.units.measure.Refused;

/** The shoot's file, and its run sheet as other programs read it. */
public class ShootFilesTest {

    private static final Instant WRITTEN = Instant.parse("2026-11-30T12:00:00Z");

    private static String demo() {
        try {
            return Files.readString(Path.of("..", "server", "src", "main", "resources", "demo-shoot.json"));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static Shoot shoot() throws BadFile {
        return ShootFormat.read(demo().getBytes(StandardCharsets.UTF_8)).withZone("Europe/Berlin");
    }

    private static RunSheet sheet(Shoot shoot) {
        return RunSheet.of(shoot, Map.of(), StepMinutes.USUAL, RunState.before(shoot.starts() * 60), Optional.empty());
    }

    @Test
    public void whatIsReadAndWrittenStaysTheSame() throws BadFile {
        byte[] file = ShootFormat.write(shoot());
        assertThat(ShootFormat.read(file)).isEqualTo(shoot());
        assertThat(ShootFormat.write(ShootFormat.read(file))).isEqualTo(file);
    }

    /** Version 1 knew no daylight. */
    @Test
    public void theFirstVersionIsRead() throws BadFile {
        String first =
                demo().replaceFirst("\"version\": 2", "\"version\": 1").replaceFirst("(?s),\\s*\"daylight\".*", "}");
        assertThat(ShootFormat.read(first.getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(shoot().withZone("UTC").withDaylight(new NoDaylight()));
    }

    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {"\"version\": 2", "\"version\": 3", "version", "versions 1 to 2 are"},
            {"\"latitudeDegrees\": 51", "\"latitudeDegrees\": 91", "daylight.latitudeDegrees", "between -90 and 90"},
            {"2026-12-04", "4.12.2026", "date", "write it as 2026-12-04"},
            {"\"endsHours\": 16", "\"endsHours\": 12", "endsHours", "ends before it begins"},
            {"\"holdsMinutes\": 8", "\"holdsMinutes\": 0", "dishes[3].holdsMinutes", "between 1 and 1440 minutes"},
            {"\"key\": \"tart\"", "\"key\": \"chowder\"", "dishes[2].key", "one key"},
            {"\"byHours\": 14.75", "\"byHours\": 12", "dishes[5].byHours", "before it can be ready"},
            {
                "\"lastsMinutes\": 10\n    }",
                "\"lastsMinutes\": 10}, {\"title\": \"Tea\", \"startsHours\": 14.3, \"lastsMinutes\": 5}",
                "appointments[1].startsHours",
                "are at one time"
            },
        };
    }

    @Test(dataProvider = "bad")
    public void whatIsWrongIsNamed(String part, String wrong, String field, String words) {
        assertThat(demo()).contains(part);
        byte[] file =
                demo().replaceFirst(java.util.regex.Pattern.quote(part), wrong).getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> ShootFormat.read(file)).isInstanceOfSatisfying(BadFile.class, problem -> {
            assertThat(problem.problems().get(0).field()).isEqualTo(field);
            assertThat(problem.problems().get(0).detail()).contains(words);
        });
    }

    /** RFC 4180, section 2: lines end in CR LF, and what holds a comma, a quote or a line break is quoted. */
    @Test
    public void theCsvComesBackAsItWas() throws BadFile, IOException {
        Shoot plain = shoot();
        List<String> names = List.of("=1+1", "+44 tea", "-5 ice", "@home", "Soup, \"hot\"", "Суп 鯨 🍲");
        List<ShootDish> dishes = new java.util.ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            dishes.add(plain.dishes().get(i).withName(names.get(i)));
        }
        Shoot shoot = plain.withDishes(dishes);
        RunSheet sheet = sheet(shoot);
        String csv = new String(RunSheetCsv.write(sheet, ShootClock.of(shoot)), StandardCharsets.UTF_8);
        assertThat(csv).contains("\r\n").contains("\"Soup, \"\"hot\"\"\"");
        CSVFormat reading = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(csv), reading)) {
            List<CSVRecord> rows = parser.getRecords();
            assertThat(rows).hasSize(6);
            for (int i = 0; i < 6; i++) {
                String name = sheet.rows().get(i).name();
                String cell = rows.get(i).get("Dish");
                assertThat(cell).isEqualTo("=+-@".indexOf(name.charAt(0)) >= 0 ? "'" + name : name);
                assertThat(rows.get(i).get("Starts")).matches("\\d\\d:\\d\\d");
            }
        }
    }

    /** Read back by the library's own parser, strictly, and its lines by RFC 5545, section 3.1, by hand: none longer than 75 octets. */
    @Test
    public void theCalendarIsReadBack() throws BadFile, IOException, ParserException {
        Shoot shoot = shoot();
        RunSheet sheet = sheet(shoot);
        ShootClock clock = ShootClock.of(shoot);
        byte[] bytes = RunSheetCalendar.write(shoot, sheet, clock, WRITTEN);
        Calendar calendar = new CalendarBuilder().build(new java.io.ByteArrayInputStream(bytes));
        assertThat(calendar.validate().hasErrors()).isFalse();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events).hasSize(7);
        VEvent first = events.get(0);
        assertThat(first.getSummary().orElseThrow().getValue())
                .isEqualTo(sheet.rows().get(0).name());
        assertThat(Instant.from(first.getDateTimeStart().orElseThrow().getDate()))
                .isEqualTo(
                        clock.instant(sheet.rows().get(0).starts()).truncatedTo(java.time.temporal.ChronoUnit.SECONDS));
        assertThat(first.getAlarms()).hasSize(1);
        for (String line : new String(bytes, StandardCharsets.UTF_8).split("\r\n")) {
            assertThat(line.getBytes(StandardCharsets.UTF_8).length).isLessThanOrEqualTo(75);
        }
        String text = new String(bytes, StandardCharsets.UTF_8);
        assertThat(text)
                .startsWith("BEGIN:VCALENDAR\r\n")
                .contains("TRIGGER;RELATED=START:-PT5M")
                .contains("DTSTAMP:20261130T120000Z");
    }

    /** A second reader, of another house. */
    @Test
    public void anotherParserReadsTheCalendarToo() throws BadFile {
        Shoot shoot = shoot();
        RunSheet sheet = sheet(shoot);
        ShootClock clock = ShootClock.of(shoot);
        byte[] bytes = RunSheetCalendar.write(shoot, sheet, clock, WRITTEN);
        biweekly.ICalendar calendar = biweekly.Biweekly.parse(new String(bytes, StandardCharsets.UTF_8))
                .first();
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).toString()).isEmpty();
        assertThat(calendar.getEvents()).hasSize(7);
        biweekly.component.VEvent last = calendar.getEvents().get(5);
        assertThat(last.getSummary().getValue()).isEqualTo(sheet.rows().get(5).name());
        assertThat(last.getDateEnd().getValue().toInstant().getEpochSecond())
                .isEqualTo(clock.instant(sheet.rows().get(5).ends()).getEpochSecond());
        assertThat(last.getAlarms()).hasSize(1);
    }

    /** In central Europe clocks went back an hour on 25 October 2026 at 3:00 (directive 2000/84/EC): a shoot over that hour is as long as it says. */
    @Test
    public void changedClocksDoNotMakeAShootLonger() throws BadFile {
        Shoot night = shoot().withDate("2026-10-24").withEnds(28).withStarts(23).withKitchen(22);
        ShootClock clock = ShootClock.of(night);
        assertThat(clock.instant(23 * 60)).isEqualTo(Instant.parse("2026-10-24T21:00:00Z"));
        assertThat(clock.instant(28 * 60)).isEqualTo(Instant.parse("2026-10-25T02:00:00Z"));
        assertThat(clock.local(28 * 60).toLocalTime().toString()).isEqualTo("03:00");
        assertThat(clock.minute(clock.instant(1500.25))).isCloseTo(1500.25, within(1e-4));
        assertThatThrownBy(() -> ShootClock.of(night.withZone("Nowhere/Atall"))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> ShootClock.of(night.withDate("2026-02-30"))).isInstanceOf(Refused.class);
    }

    @Test
    public void aPastedListBecomesDishes() {
        String text = """
                Dish,Holds,Spoils
                1. Smoked chowder, 12 min, skins
                - Panna cotta,8 minutes,SINKS,"with sesame, black"

                "Tart ""of the day""
                in two lines"
                鯨のスープ
                """;
        List<ShootDish> dishes = DishList.read(
                text, List.of("panna-cotta-with-sesame-black"), Map.of("id-1", "Smoked chowder", "id-2", "Tart"));
        assertThat(dishes).hasSize(4);
        assertThat(dishes.get(0).name()).isEqualTo("Smoked chowder");
        assertThat(dishes.get(0).holds()).isEqualTo(12);
        assertThat(dishes.get(0).spoils()).isEqualTo(Spoiling.SKINS);
        assertThat(dishes.get(0).shots().get(0).set()).isEqualTo(new KeptSet("id-1"));
        assertThat(dishes.get(1).name()).isEqualTo("Panna cotta, with sesame, black");
        assertThat(dishes.get(1).key()).isEqualTo("panna-cotta-with-sesame-black-2");
        assertThat(dishes.get(1).holds()).isEqualTo(8);
        assertThat(dishes.get(2).name()).isEqualTo("Tart \"of the day\" in two lines");
        assertThat(dishes.get(2).shots().get(0).set()).isEqualTo(new NoSetYet());
        assertThat(dishes.get(3).key()).isEqualTo("鯨のスープ");
    }

    @Test
    public void aListOfNothingOrOfTooMuchIsRefused() {
        assertThatThrownBy(() -> DishList.read(" \n\n", List.of(), Map.of())).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> DishList.read("a\n".repeat(201), List.of(), Map.of()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("200");
        assertThat(DishList.read("\"open quote, never closed\nnext", List.of(), Map.of()))
                .isNotEmpty();
    }
}
