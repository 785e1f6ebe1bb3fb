package zephyrdune.formats;

import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import zephyrdune.shoot.brief.Afterwards;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.Person;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.TwoHourRule;
import zephyrdune.shoot.change.ChangeStep;
import zephyrdune.shoot.change.PackingList;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunSheetRow;
import zephyrdune.shoot.runsheet.Unmet;
import zephyrdune.units.measure.Unit;

/** The run sheet, and what to pack, as a PDF file (ISO 32000) of A4 pages (ISO 216), or of letter pages where lengths are in inches, tagged, in words and lines alone, so that it is read in black and white. */
public final class RunSheetPdf {

    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm");
    /** A room that differs less from what the sets reckon with is not worth a word, stops. */
    private static final double TOLD = 1.0 / 3;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM yyyy", Locale.ENGLISH);

    private static final String STYLE = """
            @page { size: PAPER; margin: 14mm 12mm; @bottom-right { content: counter(page) " of " counter(pages); font: 8pt sheet; } }
            body { font: 9pt sheet; color: #000; }
            h1 { font-size: 16pt; margin: 0 0 1mm 0; font-weight: normal; }
            p { margin: 0 0 1.2mm 0; }
            table { width: 100%; table-layout: fixed; border-collapse: collapse; margin-top: 3mm; -fs-table-paginate: paginate; }
            th { text-align: left; font-weight: normal; font-size: 7.5pt; border-bottom: .4mm solid #000; padding: 1mm; }
            td { vertical-align: top; border-bottom: .2mm solid #777; padding: 1.3mm 1mm; }
            tr { page-break-inside: avoid; }
            td, th { overflow: hidden; }
            .tick { width: 7mm; }
            .begins { width: 16mm; }
            .time { font-size: 13pt; width: 15mm; white-space: nowrap; }
            .kitchen { width: 27mm; white-space: nowrap; font-size: 7.5pt; }
            .moved { width: 64mm; font-size: 7.5pt; }
            .name { font-size: 11pt; }
            .small { font-size: 7.5pt; }
            .box { width: 5mm; height: 5mm; border: .3mm solid #000; }
            .care { margin-top: 3mm; }
            .kit { page-break-before: always; }
            .unmet { border: .4mm solid #000; padding: 1.5mm; margin-top: 2mm; }
            """;

    static {
        // what it says goes to whoever asked for the file
        XRLog.setLoggingEnabled(false);
    }

    private final Shoot shoot;
    private final RunSheet sheet;
    private final ShootClock clock;
    private final PackingList kit;
    private final SheetLengths lengths;

    private RunSheetPdf(Shoot shoot, RunSheet sheet, ShootClock clock, PackingList kit, SheetLengths lengths) {
        this.shoot = shoot;
        this.sheet = sheet;
        this.clock = clock;
        this.kit = kit;
        this.lengths = lengths;
    }

    /** @param kit what has to be brought for it */
    public static byte[] write(Shoot shoot, RunSheet sheet, ShootClock clock, PackingList kit, SheetLengths lengths) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> PDDocument.class.getResourceAsStream(FONT), "sheet");
        builder.withHtmlContent(new RunSheetPdf(shoot, sheet, clock, kit, lengths).html(), null);
        builder.useUriResolver((base, uri) -> null);
        builder.usePdfUaAccessibility(true);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.createPDFWithoutClosing();
            return PdfBytes.of(renderer.getPdfDocument());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String html() {
        return """
                <html lang="en"><head><title>%s</title><meta name="subject" content="Run sheet"/><style>%s</style></head><body>
                <h1>%s</h1><p>%s, %s. Setting up from %s, last frame at %s, by %s at the latest. Moving takes %.0f min in all.</p>%s%s%s
                <table><thead><tr><th class="tick"></th><th class="begins">Begins</th><th>Dish</th><th class="kitchen">Kitchen</th><th class="moved">Moved before it</th></tr></thead><tbody>%s</tbody></table>
                <p class="small care">%s</p>%s</body></html>
                """.formatted(
                        escaped(shoot.title()),
                        STYLE.replace("PAPER", Paper.of(lengths).cssName()),
                        escaped(shoot.title()),
                        escaped(shoot.client()),
                        DAY.format(clock.start()),
                        time(clock.startMinute()),
                        time(sheet.ends()),
                        time(shoot.ends() * 60),
                        sheet.changing(),
                        brief(),
                        people(),
                        unmet(),
                        rows(),
                        care(),
                        packed());
    }

    private String brief() {
        return shoot.brief().stream()
                .map(note -> "<p>" + escaped(note.text()) + "</p>")
                .collect(Collectors.joining());
    }

    private String people() {
        if (shoot.people().isEmpty()) {
            return "";
        }
        return "<p>" + shoot.people().stream().map(RunSheetPdf::person).collect(Collectors.joining("; ")) + ".</p>";
    }

    private static String person(Person person) {
        return escaped(person.name() + ": " + person.does());
    }

    private String unmet() {
        return sheet.unmet().stream()
                .map(Unmet::what)
                .map(what -> "<p class=\"unmet\">" + escaped(what) + "</p>")
                .collect(Collectors.joining());
    }

    /** A row, and when it begins. */
    private record Timed(double at, String row) {}

    private String rows() {
        List<Timed> rows = new ArrayList<>();
        sheet.rows().forEach(row -> rows.add(new Timed(row.starts(), dish(row))));
        shoot.appointments().forEach(one -> rows.add(new Timed(one.startMinute(), appointment(one))));
        rows.sort(Comparator.comparingDouble(Timed::at));
        return rows.stream().map(Timed::row).collect(Collectors.joining("\n"));
    }

    private String dish(RunSheetRow row) {
        String plates = row.plates() > 1 ? "<br/>%d plates".formatted(row.plates()) : "";
        return """
                <tr><td><div class="box"></div></td><td class="time">%s</td><td><span class="name">%s</span><br/><span class="small">until %s. %s.</span></td>
                <td class="kitchen">begins %s<br/>ready %s<br/>holds until %s%s</td><td class="moved">from %s: %s</td></tr>""".formatted(
                        time(row.starts()),
                        escaped(row.name()),
                        time(row.ends()),
                        escaped(row.why()) + room(row),
                        time(row.kitchenStarts()),
                        time(row.ready()),
                        time(row.holdsUntil()),
                        plates,
                        time(row.changeStarts()),
                        row.change().steps().stream().map(RunSheetPdf::step).collect(Collectors.joining("; ")));
    }

    /** What the room's own light is by then, where that is not what the sets reckon with. */
    private static String room(RunSheetRow row) {
        double off = row.roomOff().orElse(0);
        return Math.abs(off) < TOLD
                ? ""
                : ". Room about %.1f stops %s".formatted(Math.abs(off), off > 0 ? "brighter" : "darker");
    }

    private static String step(ChangeStep step) {
        return escaped(step.words().substring(0, 1).toLowerCase(Locale.ROOT)
                + step.words().substring(1));
    }

    private String appointment(Appointment one) {
        return "<tr><td></td><td class=\"time\">%s</td><td class=\"name\">%s</td><td class=\"kitchen\">until %s</td><td></td></tr>"
                .formatted(time(one.startMinute()), escaped(one.title()), time(one.endMinute()));
    }

    private String care() {
        String eaten = shoot.dishes().stream().anyMatch(dish -> dish.afterwards() == Afterwards.EATEN)
                ? " " + TwoHourRule.WORDS
                : "";
        return "Weigh stands down, keep hot lamps off cloth and cables flat, tell guests that it flashes; follow local rules."
                + eaten;
    }

    /** On a page of its own, each piece with a box to tick. */
    private String packed() {
        if (kit.pieces().isEmpty()) {
            return "";
        }
        return "<h1 class=\"kit\">To pack</h1><table><tbody>"
                + kit.pieces().stream().map(this::piece).collect(Collectors.joining())
                + "</tbody></table><p class=\"small care\">And sandbags, clamps, tape, a rule, spare cells, and what the kitchen asks for.</p>";
    }

    private String piece(PackingList.PackedPiece piece) {
        String size = piece.width() > 0
                ? lengths.shown(Unit.METRE, piece.width()) + " × " + lengths.shown(Unit.METRE, piece.height())
                : "";
        return "<tr><td class=\"tick\"><div class=\"box\"></div></td><td class=\"begins\">%d ×</td><td>%s</td><td class=\"moved\">%s</td></tr>"
                .formatted(piece.count(), escaped(piece.words()), size);
    }

    private String time(double minute) {
        return TIME.format(clock.local(minute));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
