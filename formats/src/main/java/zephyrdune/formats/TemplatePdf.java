package zephyrdune.formats;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.pdfbox.util.Matrix;
import zephyrdune.set.card.Card;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Rounding;

/**
 * A card's cutting template as a PDF file (ISO 32000) of A4 pages (ISO 216) at true size: a map of the pages, then every page that has a
 * line to cut, each with the 10 cm check rule.
 */
public final class TemplatePdf {

    /** Points, of which 72 are an inch, in a millimetre. */
    private static final double POINT = 72 / 25.4;

    private static final double PAGE_WIDTH = 210;
    private static final double PAGE_HEIGHT = 297;

    /** Part of the card on one page, and where it begins on the page from the left and from below. */
    private static final double TILE_WIDTH = 180;

    private static final double TILE_HEIGHT = 250;
    private static final double LEFT = 15;
    private static final double LOW = 32;

    private static final double RULE = 100;
    private static final double RULE_UP = 14;
    private static final int MOST_PAGES = 150;

    /** Of a circle as four cubic curves: how far their handles reach, in radii (4 (sqrt 2 - 1) / 3). */
    private static final double HANDLE = 4 * (Math.sqrt(2) - 1) / 3;

    private final Template template;
    private final PDDocument document = new PDDocument();
    private final PDType1Font font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);

    private TemplatePdf(Template template) {
        this.template = template;
    }

    /** @throws Refused where nothing is cut out of the card, or it takes more pages than anybody would glue */
    public static byte[] write(String title, Card card) {
        TemplatePdf pdf = new TemplatePdf(Template.of(title, card));
        try (PDDocument document = pdf.document) {
            pdf.draw();
            return PdfBytes.of(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw() throws IOException {
        int columns = Rounding.up(template.width() / TILE_WIDTH);
        int rows = Rounding.up(template.height() / TILE_HEIGHT);
        boolean[][] used = new boolean[rows][columns];
        int pages = 0;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                used[row][column] = touched(column, row);
                pages += used[row][column] ? 1 : 0;
            }
        }
        if (pages > MOST_PAGES) {
            throw new Refused(
                    "cards",
                    "The template takes %d pages of A4, at most %d are printed; use the SVG file"
                            .formatted(pages, MOST_PAGES));
        }
        document.getDocumentInformation().setTitle(template.title());
        map(used, pages);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                if (used[row][column]) {
                    tile(column, row);
                }
            }
        }
    }

    /** Whether a page has the edge of the card or a line to cut. */
    private boolean touched(int column, int row) {
        double left = column * TILE_WIDTH;
        double low = row * TILE_HEIGHT;
        double right = left + TILE_WIDTH;
        double high = low + TILE_HEIGHT;
        boolean edge = column == 0 || row == 0 || right >= template.width() || high >= template.height();
        return edge
                || template.circles().stream()
                        .anyMatch(circle -> circle.across() + circle.radius() > left
                                && circle.across() - circle.radius() < right
                                && circle.up() + circle.radius() > low
                                && circle.up() - circle.radius() < high)
                || template.lines().stream().anyMatch(line -> meets(line, left, low, right, high));
    }

    private static boolean meets(double[] line, double left, double low, double right, double high) {
        for (int i = 0, before = line.length - 2; i < line.length; before = i, i += 2) {
            if (new Rectangle2D.Double(left, low, right - left, high - low)
                    .intersectsLine(line[before], line[before + 1], line[i], line[i + 1])) {
                return true;
            }
        }
        return false;
    }

    private PDPageContentStream page() throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (PAGE_WIDTH * POINT), (float) (PAGE_HEIGHT * POINT)));
        document.addPage(page);
        PDPageContentStream content = new PDPageContentStream(document, page);
        content.transform(Matrix.getScaleInstance((float) POINT, (float) POINT));
        content.setLineWidth(0.2f);
        return content;
    }

    private void map(boolean[][] used, int pages) throws IOException {
        try (PDPageContentStream content = page()) {
            words(content, LEFT, PAGE_HEIGHT - 25, 6, template.title());
            words(
                    content,
                    LEFT,
                    PAGE_HEIGHT - 35,
                    4,
                    "Card %.0f x %.0f mm, %d pages. Print at 100 %%, without fitting to the page; check the 10 cm line."
                            .formatted(template.width(), template.height(), pages));
            words(
                    content,
                    LEFT,
                    PAGE_HEIGHT - 42,
                    4,
                    "Cut along the frames, join the pages by their names, cut the lines out.");
            double scale = Math.min(180 / template.width(), 190 / template.height());
            content.saveGraphicsState();
            content.transform(Matrix.getTranslateInstance((float) LEFT, (float) LOW));
            content.transform(Matrix.getScaleInstance((float) scale, (float) scale));
            content.setLineWidth((float) (0.2 / scale));
            outline(content);
            for (int row = 0; row < used.length; row++) {
                for (int column = 0; column < used[row].length; column++) {
                    if (used[row][column]) {
                        double left = column * TILE_WIDTH;
                        double low = row * TILE_HEIGHT;
                        content.addRect(
                                (float) left,
                                (float) low,
                                (float) Math.min(TILE_WIDTH, template.width() - left),
                                (float) Math.min(TILE_HEIGHT, template.height() - low));
                        content.stroke();
                        words(content, left + 2 / scale, low + 2 / scale, 4 / scale, name(column, row));
                    }
                }
            }
            content.restoreGraphicsState();
            rule(content);
        }
    }

    private static String name(int column, int row) {
        return "%s%d".formatted((char) ('A' + column % 26), row + 1);
    }

    private void tile(int column, int row) throws IOException {
        double left = column * TILE_WIDTH;
        double low = row * TILE_HEIGHT;
        try (PDPageContentStream content = page()) {
            content.saveGraphicsState();
            content.addRect((float) LEFT, (float) LOW, (float) TILE_WIDTH, (float) TILE_HEIGHT);
            content.clip();
            content.transform(Matrix.getTranslateInstance((float) (LEFT - left), (float) (LOW - low)));
            outline(content);
            content.restoreGraphicsState();
            content.setLineDashPattern(new float[] {1, 1}, 0);
            content.addRect((float) LEFT, (float) LOW, (float) TILE_WIDTH, (float) TILE_HEIGHT);
            content.stroke();
            content.setLineDashPattern(new float[] {}, 0);
            words(content, LEFT, PAGE_HEIGHT - 11, 5, name(column, row) + "   " + template.title());
            rule(content);
        }
    }

    private void rule(PDPageContentStream content) throws IOException {
        for (double[] stroke : List.of(
                new double[] {LEFT, RULE_UP, LEFT + RULE, RULE_UP},
                new double[] {LEFT, RULE_UP - 2, LEFT, RULE_UP + 2},
                new double[] {LEFT + RULE, RULE_UP - 2, LEFT + RULE, RULE_UP + 2})) {
            content.moveTo((float) stroke[0], (float) stroke[1]);
            content.lineTo((float) stroke[2], (float) stroke[3]);
        }
        content.stroke();
        words(content, LEFT + RULE + 4, RULE_UP - 1.5, 4, "10 cm");
    }

    /** The card and all its cuts. */
    private void outline(PDPageContentStream content) throws IOException {
        content.addRect(0, 0, (float) template.width(), (float) template.height());
        content.stroke();
        for (Template.Circle circle : template.circles()) {
            circle(content, circle);
        }
        for (double[] line : template.lines()) {
            content.moveTo((float) line[0], (float) line[1]);
            for (int i = 2; i < line.length; i += 2) {
                content.lineTo((float) line[i], (float) line[i + 1]);
            }
            content.closePath();
            content.stroke();
        }
    }

    private static void circle(PDPageContentStream content, Template.Circle circle) throws IOException {
        float x = (float) circle.across();
        float y = (float) circle.up();
        float r = (float) circle.radius();
        float h = (float) (HANDLE * circle.radius());
        content.moveTo(x + r, y);
        content.curveTo(x + r, y + h, x + h, y + r, x, y + r);
        content.curveTo(x - h, y + r, x - r, y + h, x - r, y);
        content.curveTo(x - r, y - h, x - h, y - r, x, y - r);
        content.curveTo(x + h, y - r, x + r, y - h, x + r, y);
        content.closePath();
        content.stroke();
    }

    private void words(PDPageContentStream content, double x, double y, double size, String words) throws IOException {
        content.beginText();
        content.setFont(font, (float) size);
        content.newLineAtOffset((float) x, (float) y);
        content.showText(plain(words));
        content.endText();
    }

    /** The font that every reader has knows the letters of Western Europe alone (WinAnsi). */
    private static String plain(String words) {
        StringBuilder plain = new StringBuilder();
        words.codePoints()
                .forEach(letter -> plain.append(
                        letter >= 32 && letter < 127 || letter >= 161 && letter <= 255
                                ? Character.toString(letter)
                                : letter == '–' || letter == '—' ? "-" : "?"));
        return plain.toString();
    }
}
