package zephyrdune.formats;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeFormatter;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import zephyrdune.shoot.change.ChangeStep;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunSheetRow;

/** The run sheet as comma-separated values (RFC 4180), UTF-8, a row a dish. */
public final class RunSheetCsv {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "Number",
                    "Dish",
                    "Change from",
                    "Change to",
                    "Moved",
                    "Kitchen begins",
                    "Ready",
                    "Starts",
                    "Ends",
                    "Holds until",
                    "Plates",
                    "Why")
            .get();

    private RunSheetCsv() {}

    public static byte[] write(RunSheet sheet, ShootClock clock) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            int number = 1;
            for (RunSheetRow row : sheet.rows()) {
                csv.printRecord(
                        number++,
                        defused(row.name()),
                        TIME.format(clock.local(row.changeStarts())),
                        TIME.format(clock.local(row.changeEnds())),
                        defused(moved(row)),
                        TIME.format(clock.local(row.kitchenStarts())),
                        TIME.format(clock.local(row.ready())),
                        TIME.format(clock.local(row.starts())),
                        TIME.format(clock.local(row.ends())),
                        TIME.format(clock.local(row.holdsUntil())),
                        row.plates(),
                        defused(row.why()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String moved(RunSheetRow row) {
        return row.change().steps().stream().map(ChangeStep::words).collect(Collectors.joining("; "));
    }

    /** A spreadsheet takes what begins so for a formula; an apostrophe before it says that it is text. */
    static String defused(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
