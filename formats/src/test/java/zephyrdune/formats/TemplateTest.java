package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.locationtech.jts.geom.Envelope;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import zephyrdune.set.card.Branch;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.LeafHoles;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.set.card.Piece;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slats;
import zephyrdune.set.card.Slit;
import zephyrdune.set.card.WindowBars;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;

/** Cutting templates at true size. */
public class TemplateTest {

    private static Card card(double width, double height, Holes holes) {
        return new Card(Surface.BLACK_PAPER, width, height, 0, 0.5, 0, 0, 0).withCut(Cut.of(holes));
    }

    private static Document svg(Card card) throws Exception {
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(TemplateSvg.write("Test <&> card", card)));
    }

    private static List<Element> all(Document svg, String name) {
        NodeList found = svg.getElementsByTagName(name);
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            elements.add((Element) found.item(i));
        }
        return elements;
    }

    private static double number(Element element, String attribute) {
        return Double.parseDouble(element.getAttribute(attribute));
    }

    /** The page is so many millimetres wide for as many units, so that one unit is a millimetre. */
    @Test
    public void aUnitIsAMillimetre() throws Exception {
        Document svg = svg(card(0.4, 0.3, new RoundHoles(0.03, 0.05)));
        Element root = svg.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("400mm");
        assertThat(root.getAttribute("viewBox")).startsWith("0 0 400 ");
        assertThat(root.getAttribute("height"))
                .isEqualTo(root.getAttribute("viewBox").split(" ")[3] + "mm");
        List<Element> holes = all(svg, "circle");
        assertThat(holes)
                .hasSizeGreaterThan(30)
                .allSatisfy(hole -> assertThat(number(hole, "r")).isEqualTo(15));
        assertThat(all(svg, "title").get(0).getTextContent()).isEqualTo("Test <&> card");
        assertThat(holes).anySatisfy(hole -> {
            assertThat(number(hole, "cx")).isEqualTo(200);
            assertThat(number(hole, "cy")).isEqualTo(150);
        });
    }

    @Test
    public void gapsBetweenSlatsAreAsHighAsStated() throws Exception {
        List<Element> gaps = all(svg(card(0.3, 0.2, new Slats(0.02, 0.01))), "polygon");
        assertThat(gaps).hasSizeBetween(5, 7);
        for (Element gap : gaps) {
            double low = Double.POSITIVE_INFINITY;
            double high = Double.NEGATIVE_INFINITY;
            for (String point : gap.getAttribute("points").split(" ")) {
                double y = Double.parseDouble(point.split(",")[1]);
                low = Math.min(low, y);
                high = Math.max(high, y);
            }
            assertThat(high - low).isLessThanOrEqualTo(20.01);
        }
        assertThat(gaps)
                .anySatisfy(gap -> assertThat(gap.getAttribute("points")).contains(",110", ",90"));
    }

    /** A branch is one piece: its leaves and twigs join. */
    @Test
    public void aBranchIsOnePiece() throws Exception {
        assertThat(all(svg(card(0.3, 0.3, new Branch(0.05, 0.02, 0.03))), "polygon"))
                .hasSizeLessThan(12);
    }

    /** A4 is 210 x 297 mm (ISO 216); a card of 40 x 60 cm takes three pages by three, and a map. */
    @Test
    public void pagesAreA4() throws Exception {
        byte[] pdf = TemplatePdf.write("Zwölf Löcher – čárka", card(0.4, 0.6, new RoundHoles(0.03, 0.05)));
        Programs.wellFormed(Files.write(Path.of("target", "template.pdf"), pdf));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(10);
            document.getPages().forEach(page -> {
                assertThat(page.getMediaBox().getWidth() / 72 * 25.4).isCloseTo(210, within(0.01));
                assertThat(page.getMediaBox().getHeight() / 72 * 25.4).isCloseTo(297, within(0.01));
            });
        }
    }

    @Test
    public void nothingToCutAndTooMuchToGlueAreRefused() {
        Card whole = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 0, 0.5, 0, 0, 0);
        assertThatThrownBy(() -> TemplateSvg.write("t", whole))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("pattern first");
        assertThatThrownBy(() -> TemplatePdf.write("t", card(3, 3, new RoundHoles(0.1, 0.16))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("SVG");
    }

    @DataProvider
    Object[][] patterns() {
        return new Object[][] {
            {new RoundHoles(0.03, 0.05)},
            {new Slats(0.02, 0.03)},
            {new WindowBars(0.08, 0.09, 0.02)},
            {new LeafHoles(0.06, 0.025, 0.08, 0.4)},
            {new Slit(0.04)},
            {new Branch(0.06, 0.025, 0.05)}
        };
    }

    /** What is written as a template is read as the same pattern: as open in the same places, and as large. */
    @Test(dataProvider = "patterns")
    public void aTemplateIsReadAsTheSamePattern(Holes holes) throws Exception {
        Card card = card(0.4, 0.3, holes);
        OwnHoles read =
                PatternFile.read(TemplateSvg.write("Text & figures", card), "again", 0.9, PatternFile.Open.LIGHT);
        List<Piece> before = card.cut().pieces(0.4, 0.3);
        List<Piece> after = read.pieces(0.4, 0.3, 1);
        // a pattern comes back about its own middle
        double[] middle = middle(before, holes.standing());
        Random random = new Random(4);
        int same = 0;
        int open = 0;
        int places = 4000;
        for (int i = 0; i < places; i++) {
            double across = 0.38 * (random.nextDouble() - 0.5);
            double up = 0.28 * (random.nextDouble() - 0.5);
            boolean was = before.stream().anyMatch(piece -> piece.holds(across, up)) != holes.standing();
            boolean is = after.stream().anyMatch(piece -> piece.holds(across - middle[0], up - middle[1]));
            same += was == is ? 1 : 0;
            open += was ? 1 : 0;
        }
        assertThat(open).isBetween(places / 20, places - places / 20);
        assertThat(same).isGreaterThan((int) (0.985 * places));
    }

    private static double[] middle(List<Piece> pieces, boolean standing) {
        Envelope box = new Envelope();
        pieces.forEach(piece -> {
            for (int i = 0; i < piece.corners().length; i += 2) {
                box.expandToInclude(piece.corners()[i], piece.corners()[i + 1]);
            }
        });
        return standing ? new double[] {0, 0} : new double[] {box.centre().x, box.centre().y};
    }
}
