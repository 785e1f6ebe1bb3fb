package zephyrdune.formats;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;
import zephyrdune.answers.plan.Plan;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.answers.setsheet.SheetPart;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/**
 * A set sheet as a PDF file (ISO 32000) of one page: the picture, the set from above and from the side to scale, and what to measure and set, part
 * by part. In lines and words alone, so that it is read in black and white.
 */
public final class SetSheetPdf {

    /** Points, of which 72 are an inch, in a millimetre. */
    private static final double POINT = 72 / 25.4;

    private static final double MARGIN = 12;

    /** The two drawings, millimetres. */
    private static final double DRAWING_WIDTH = 91;

    /** From the top of the page to the top of the drawings. */
    private static final double DRAWINGS_DOWN = 89;

    /** Of A4; on a shorter page half of what is missing is taken off the drawings. */
    private static final double DRAWING_HEIGHT = 78;

    private static final double PICTURE_WIDTH = 91;
    private static final double PICTURE_HEIGHT = 66;

    /** What a metre is drawn as at, the largest that fits is taken. */
    private static final List<Integer> SCALES = List.of(5, 10, 15, 20, 25, 30, 40, 50, 75, 100, 150, 200);

    /** What the set does, beside the picture. */
    private static final ReadingKind[] READINGS = {
        ReadingKind.EDGE_SHOWN,
        ReadingKind.SHADOW_LENGTH,
        ReadingKind.SHADOW_CLOCK,
        ReadingKind.SHADOW_DEPTH,
        ReadingKind.LIT_TO_SHADOW,
        ReadingKind.FALL_OFF_HERO,
        ReadingKind.FALL_OFF_FRAME,
        ReadingKind.BACKDROP_TONE,
        ReadingKind.SIZE_ACROSS,
        ReadingKind.SIZE_ALONG
    };

    /** The code with its quiet, millimetres, and where it begins from below. */
    private static final double CODE = 26;

    private static final double CODE_UP = 8;
    private static final int QUIET = 4;

    private static final double RULE = 100;
    private static final double QUALITY = 0.92;

    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDDocument document = new PDDocument();
    private final Paper paper;
    private final double drawingHeight;
    private final double drawingsUp;
    private final TableSet set;
    private final SheetLengths lengths;
    private PDPageContentStream content;
    private PDType0Font font;

    private SetSheetPdf(TableSet set, SheetLengths lengths) {
        this.set = set;
        this.lengths = lengths;
        paper = Paper.of(lengths);
        drawingHeight = DRAWING_HEIGHT - (Paper.A4.height() - paper.height()) / 2;
        drawingsUp = paper.height() - DRAWINGS_DOWN - drawingHeight;
    }

    /**
     * @param picture of the set
     * @param address of its page at the stand, as a code that a phone reads; empty for none
     */
    public static byte[] write(TableSet set, Picture picture, SheetLengths lengths, String address) {
        SetSheetPdf pdf = new SetSheetPdf(set, lengths);
        try (PDDocument document = pdf.document) {
            pdf.draw(picture, address);
            return PdfBytes.of(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(Picture picture, String address) throws IOException {
        try (InputStream file = PDDocument.class.getResourceAsStream(FONT)) {
            font = PDType0Font.load(document, file);
        }
        document.getDocumentInformation().setTitle(set.title());
        document.getDocumentCatalog().setLanguage("en");
        PDPage page = new PDPage(new PDRectangle((float) (paper.width() * POINT), (float) (paper.height() * POINT)));
        document.addPage(page);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            content = stream;
            content.transform(Matrix.getScaleInstance((float) POINT, (float) POINT));
            words(MARGIN, paper.height() - MARGIN - 5, 6, set.title());
            picture(picture);
            double up = paper.height() - MARGIN - 16;
            for (Reading reading : Readings.of(set, READINGS)) {
                words(MARGIN + PICTURE_WIDTH + 5, up, 3, reading.kind().title());
                right(paper.width() - MARGIN, up, 3, shown(reading));
                up -= 5.6;
            }
            drawings();
            measures();
            rule();
            if (!address.isEmpty()) {
                code(address);
            }
        }
    }

    /** A QR code (ISO/IEC 18004) at the foot, with the four modules of quiet all round it that the standard asks for. */
    private void code(String address) throws IOException {
        BitMatrix modules;
        try {
            modules = new QRCodeWriter()
                    .encode(address, BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, QUIET));
        } catch (WriterException tooLong) {
            throw new Refused("address", "The address of the page at the stand is too long for a code");
        }
        double module = CODE / modules.getWidth();
        double left = paper.width() - MARGIN - CODE;
        for (int row = 0; row < modules.getHeight(); row++) {
            for (int column = 0; column < modules.getWidth(); column++) {
                if (modules.get(column, row)) {
                    content.addRect(
                            (float) (left + module * column),
                            (float) (CODE_UP + CODE - module * (row + 1)),
                            (float) module,
                            (float) module);
                }
            }
        }
        content.fill();
        words(left + module * QUIET, CODE_UP - 1, 2.6, "At the stand");
    }

    private String shown(Reading reading) {
        String figure = reading.value().isEmpty()
                ? "none"
                : reading.text().isEmpty()
                        ? lengths.shown(reading.kind().unit(), reading.value().getAsDouble())
                        : reading.text();
        return reading.word().isEmpty() ? figure : figure + ", " + reading.word();
    }

    private void picture(Picture picture) throws IOException {
        double scale = Math.min(PICTURE_WIDTH / picture.width(), PICTURE_HEIGHT / picture.height());
        PDImageXObject image =
                PDImageXObject.createFromByteArray(document, JpegFile.write(picture, (float) QUALITY), "picture");
        double high = scale * picture.height();
        content.drawImage(
                image,
                (float) MARGIN,
                (float) (paper.height() - MARGIN - 10 - high),
                (float) (scale * picture.width()),
                (float) high);
    }

    /** From above, the camera below; and from the side, the camera on the left. */
    private void drawings() throws IOException {
        Plan plan = Plan.of(set, 0.5, 2);
        SetOutlines outlines = SetOutlines.of(set, plan);
        int scale = SCALES.stream()
                .filter(one -> outlines.fits(one, DRAWING_WIDTH - 6, drawingHeight - 10))
                .findFirst()
                .orElse(SCALES.get(SCALES.size() - 1));
        drawing(MARGIN, "From above, 1 : " + scale, outlines.above(), scale);
        drawing(paper.width() - MARGIN - DRAWING_WIDTH, "From the side, 1 : " + scale, outlines.side(), scale);
    }

    private void drawing(double left, String title, SetOutlines.View view, int scale) throws IOException {
        content.setLineWidth(0.15f);
        content.addRect((float) left, (float) drawingsUp, (float) DRAWING_WIDTH, (float) drawingHeight);
        content.stroke();
        words(left + 2, drawingsUp + drawingHeight - 4.5, 3.2, title);
        double perMetre = 1000.0 / scale;
        double x = left + DRAWING_WIDTH / 2 - perMetre * view.middleAcross();
        double y = drawingsUp + (drawingHeight - 4) / 2 - perMetre * view.middleUp();
        for (SetOutlines.Outline outline : view.outlines()) {
            content.setLineWidth((float) outline.weight());
            content.setLineDashPattern(outline.dashed() ? new float[] {1.2f, 1} : new float[] {}, 0);
            line(outline, x, y, perMetre);
        }
        content.setLineDashPattern(new float[] {}, 0);
        for (SetOutlines.Label label : view.labels()) {
            words(x + perMetre * label.across() + 1, y + perMetre * label.up() + 1, 3, label.words());
        }
        bar(left + DRAWING_WIDTH - 4, drawingsUp + 3, perMetre);
    }

    private void line(SetOutlines.Outline outline, double x, double y, double perMetre) throws IOException {
        List<double[]> points = outline.points();
        for (int i = 0; i < points.size(); i++) {
            float across = (float) (x + perMetre * points.get(i)[0]);
            float up = (float) (y + perMetre * points.get(i)[1]);
            if (i == 0) {
                content.moveTo(across, up);
            } else {
                content.lineTo(across, up);
            }
        }
        if (outline.closed()) {
            content.closePath();
        }
        content.stroke();
    }

    /** A length of the set that is handy at this scale, ending at a place. */
    private void bar(double right, double up, double perMetre) throws IOException {
        SheetLengths.Bar bar = lengths.bar(28 / perMetre);
        double left = right - perMetre * bar.metres();
        stroke(left, up, right, up);
        stroke(left, up - 0.8, left, up + 0.8);
        stroke(right, up - 0.8, right, up + 0.8);
        words(left, up + 1.4, 2.8, bar.words());
    }

    private void measures() throws IOException {
        SetSheet sheet = SetSheet.of(set);
        double up = drawingsUp - 7;
        double left = MARGIN;
        double column = (paper.width() - 2 * MARGIN) / 3;
        for (SheetPart part : sheet.parts()) {
            double needed = 4.4 + 3.5 * part.lines().size();
            if (up - needed < MARGIN + 8 && left + 2 * column <= paper.width() - MARGIN) {
                left += column;
                up = drawingsUp - 7;
            }
            words(left, up, 3.4, part.title(sheet));
            up -= 4;
            for (SheetPart.SheetLine line : part.lines()) {
                words(left + 1.5, up, 2.6, line.measure().title());
                right(left + column - 3, up, 2.6, lengths.shown(line, sheet.mark()));
                up -= 3.5;
            }
            up -= 2;
        }
    }

    /** What is 10 cm long when it is printed at its own size. */
    private void rule() throws IOException {
        double up = MARGIN - 4;
        stroke(MARGIN, up, MARGIN + RULE, up);
        stroke(MARGIN, up - 1.5, MARGIN, up + 1.5);
        stroke(MARGIN + RULE, up - 1.5, MARGIN + RULE, up + 1.5);
        words(MARGIN + RULE + 3, up - 1, 2.8, "10 cm when printed at its own size");
    }

    private void stroke(double fromX, double fromY, double toX, double toY) throws IOException {
        content.setLineWidth(0.2f);
        content.moveTo((float) fromX, (float) fromY);
        content.lineTo((float) toX, (float) toY);
        content.stroke();
    }

    private void words(double x, double y, double size, String words) throws IOException {
        content.beginText();
        content.setFont(font, (float) size);
        content.newLineAtOffset((float) x, (float) y);
        content.showText(plain(words));
        content.endText();
    }

    private void right(double x, double y, double size, String words) throws IOException {
        words(x - font.getStringWidth(plain(words)) / 1000 * size, y, size, words);
    }

    /** What the font has no letter for is a question mark. */
    private String plain(String words) {
        StringBuilder plain = new StringBuilder();
        words.codePoints().mapToObj(Character::toString).forEach(letter -> plain.append(known(letter) ? letter : "?"));
        return plain.toString();
    }

    private boolean known(String letter) {
        try {
            font.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException none) {
            return false;
        }
    }
}
