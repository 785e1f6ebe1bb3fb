package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import javax.imageio.ImageIO;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.formats.PatternFile.Open;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.set.card.Piece;

/** Drawings and pictures as patterns: their areas by hand, and files that are refused. */
public class PatternFileTest {

    private static final String SVG = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'>";

    private static OwnHoles svg(String inside) throws BadFile {
        return drawing(SVG + inside + "</svg>");
    }

    private static OwnHoles drawing(String text) throws BadFile {
        return PatternFile.read(text.getBytes(StandardCharsets.UTF_8), "mine.svg", 0.2, Open.LIGHT);
    }

    private static double area(OwnHoles holes) {
        return holes.pieces(1, 1, 2).stream().mapToDouble(Piece::area).sum();
    }

    private static boolean holds(OwnHoles holes, double across, double up) {
        return holes.pieces(1, 1, 2).stream().anyMatch(piece -> piece.holds(across, up));
    }

    /** Areas in the drawing's units, with the width of what is drawn. */
    @DataProvider
    Object[][] drawings() {
        double bulge = Math.PI * 100 / 4;
        return new Object[][] {
            {"<rect x='10' y='20' width='40' height='30'/>", 40, 1200},
            {"<rect x='10' y='20' width='40' height='30' rx='10'/>", 40, 1200 - 400 + Math.PI * 100},
            {"<circle cx='50' cy='50' r='20'/>", 40, Math.PI * 400},
            {"<ellipse cx='50' cy='50' rx='20' ry='10'/>", 40, Math.PI * 200},
            {"<polygon points='0,0 10,0 10,10'/>", 10, 50},
            {"<path d='M0 0h30v20h-30z'/>", 30, 600},
            {"<path d='M0 0 A10 10 0 0 1 10 10 L0 10Z'/>", 10, bulge},
            {"<path fill-rule='evenodd' d='M0 0h30v30h-30zM10 10h10v10h-10z'/>", 30, 800},
            {"<path d='M0 0h30v30h-30zM10 10v10h10v-10z'/>", 30, 800},
            {"<path d='M0 0h30v30h-30zM10 10h10v10h-10z'/>", 30, 900},
            {"<g transform='scale(2) rotate(90)'><rect width='10' height='5'/></g>", 10, 200},
            {"<rect width='20' height='20'/><rect x='10' width='20' height='20'/>", 30, 600},
            {
                "<g fill='none' stroke='black'><circle cx='9' cy='9' r='9'/><circle cx='9' cy='9' r='3'/></g>",
                18,
                Math.PI * 72
            },
            {
                "<defs><rect width='90' height='90'/></defs><rect style='display:none' width='50' height='50'/>"
                        + "<rect width='10' height='10'/>",
                10,
                100
            },
        };
    }

    @Test(dataProvider = "drawings")
    public void areasOfDrawings(String inside, double width, double area) throws BadFile {
        OwnHoles holes = svg(inside);
        double scale = holes.width() / width;
        assertThat(area(holes)).isCloseTo(area * scale * scale, within(0.004 * area * scale * scale));
        assertThat(holes.name()).isEqualTo("mine.svg");
    }

    /** A drawing's units are as large as it says: 96 px an inch in CSS, 72 pt an inch. */
    @Test
    public void aDrawingInMillimetresKeepsItsSize() throws BadFile {
        String box = "<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='50mm' viewBox='0 0 100 50'>"
                + "<rect x='20' y='10' width='50' height='10'/></svg>";
        assertThat(drawing(box.formatted("100mm")).width()).isCloseTo(0.05, within(1e-6));
        assertThat(drawing(box.formatted("20cm")).width()).isCloseTo(0.1, within(1e-6));
        assertThat(drawing(box.formatted("5in")).width()).isCloseTo(0.0635, within(1e-6));
        assertThat(drawing(box.formatted("100px")).width()).isEqualTo(0.2);
        assertThat(drawing(box.formatted("100%")).width()).isEqualTo(0.2);
    }

    /** What is at the upper right of the drawing is so in the card. */
    @Test
    public void upwardsIsUp() throws BadFile {
        OwnHoles holes = svg(
                "<rect width='100' height='100' fill='none'/><rect x='60' y='10' width='30' height='30' fill='none'/>");
        assertThat(holds(holes, -0.05, -0.05)).isTrue();
        assertThat(holds(holes, 0.05, 0.05)).isFalse();
    }

    private static byte[] png(int side, int rings) {
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D draw = image.createGraphics();
        draw.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        draw.setColor(Color.WHITE);
        draw.fill(new Ellipse2D.Double(0.1 * side, 0.1 * side, 0.8 * side, 0.8 * side));
        draw.setColor(Color.BLACK);
        draw.setStroke(new BasicStroke(side / 40f));
        for (int i = 1; i <= rings; i++) {
            double r = 0.38 * side * i / (rings + 1);
            draw.draw(new Ellipse2D.Double(side / 2.0 - r, side / 2.0 - r, 2 * r, 2 * r));
        }
        return bytes(image);
    }

    private static byte[] bytes(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
        return out.toByteArray();
    }

    /** A white disc on black, to half a cell along its edge; and what is round it. */
    @Test
    public void lightOrDarkOfAPicture() throws BadFile {
        for (int side : new int[] {60, 300, 1500}) {
            OwnHoles disc = PatternFile.read(png(side, 0), "disc", 0.2, Open.LIGHT);
            assertThat(area(disc)).isCloseTo(Math.PI * 0.01, within(Math.PI * 0.01 * 2 / (0.8 * Math.min(320, side))));
        }
        OwnHoles round = PatternFile.read(png(300, 0), "round", 0.2, Open.DARK);
        double share = 1 - Math.PI * 0.16;
        assertThat(area(round)).isCloseTo(0.04 * share, within(0.0006));
        OwnHoles rings = PatternFile.read(png(600, 3), "rings", 0.2, Open.LIGHT);
        assertThat(rings.outlines()).hasSize(7);
    }

    @DataProvider
    Object[][] refused() {
        String entity = "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;'>]>" + SVG + "&b;</svg>";
        String outside = "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>" + SVG + "<desc>&x;</desc></svg>";
        return new Object[][] {
            {SVG + "<script>alert(1)</script><rect width='9' height='9'/></svg>", "script"},
            {SVG + "<image href='http://example.com/a.png' width='9' height='9'/></svg>", "picture"},
            {SVG + "<use href='other.svg#a'/></svg>", "clones"},
            {SVG + "<text>words</text></svg>", "outlines"},
            {SVG + "<foreignObject><p/></foreignObject></svg>", "plain SVG"},
            {entity, "entities"},
            {outside, "entities"},
            {
                SVG + "<rect width='9' height='9'/>" + "<path d='M0 0h1v1z'/>".repeat(100_000) + "</svg>",
                "shorter|longer|simplify"
            },
            {SVG + "<path d='M0 0h1v1z'/>".repeat(2_500) + "</svg>", "simplify"},
            {SVG + "<g>".repeat(200) + "</g>".repeat(200) + "</svg>", "nested"},
            {SVG.replace("0 0 100 100", "0 0 0 0") + "<rect width='9' height='9'/></svg>", "view box"},
            {SVG.replace("0 0 100 100", "0 0 NaN 5") + "<rect width='9' height='9'/></svg>", "number"},
            {SVG + "<rect width='1e9' height='9'/></svg>", "beyond"},
            {SVG + "<rect width='Infinity' height='9'/></svg>", "beyond"},
            {SVG + "<path d='M0 0L1e300 5L2 9Z'/></svg>", "beyond"},
            {SVG + "<path d='M0 0 banana'/></svg>", "damaged"},
            {SVG + "<path d='M0 0L10 10'/></svg>", "Nothing in it is open"},
            {SVG + "</svg>", "Nothing in it is open"},
            {SVG + "<rect width='9' height='9'>", "cut off"},
            {"<?xml version='1.0'?><html/>", "no SVG"},
            {"hello", "neither"},
            {"", "empty"},
        };
    }

    @Test(dataProvider = "refused", timeOut = 20_000)
    public void badDrawingsAreRefused(String text, String why) {
        assertThatThrownBy(() -> drawing(text))
                .isInstanceOf(BadFile.class)
                .message()
                .containsPattern(why);
    }

    /** A picture that says it is enormous, one cut off, one of noise, one of a single tone. */
    @Test(timeOut = 30_000)
    public void badPicturesAreRefused() {
        byte[] good = png(200, 1);
        byte[] cut = Arrays.copyOf(good, good.length / 2);
        assertThatThrownBy(() -> PatternFile.read(cut, "cut", 0.2, Open.LIGHT)).hasMessageContaining("cut off");
        byte[] bomb = bytes(new BufferedImage(9000, 9000, BufferedImage.TYPE_BYTE_BINARY));
        assertThat(bomb.length).isLessThan(PatternFile.LONGEST_FILE);
        assertThatThrownBy(() -> PatternFile.read(bomb, "bomb", 0.2, Open.DARK))
                .hasMessageContaining("81,000,000 pixels");
        BufferedImage noise = new BufferedImage(300, 300, BufferedImage.TYPE_BYTE_GRAY);
        Random random = new Random(5);
        for (int i = 0; i < 300 * 300; i++) {
            noise.setRGB(i % 300, i / 300, random.nextBoolean() ? 0xffffff : 0);
        }
        assertThatThrownBy(() -> PatternFile.read(bytes(noise), "noise", 0.2, Open.LIGHT))
                .hasMessageContaining("openings");
        byte[] black = bytes(new BufferedImage(50, 50, BufferedImage.TYPE_BYTE_GRAY));
        assertThatThrownBy(() -> PatternFile.read(black, "black", 0.2, Open.LIGHT))
                .hasMessageContaining("Nothing in it is open");
        assertThatThrownBy(() -> PatternFile.read(new byte[10_000_000], "junk", 0.2, Open.LIGHT))
                .hasMessageContaining("longer than");
        byte[] junk = new byte[100_000];
        random.nextBytes(junk);
        assertThatThrownBy(() -> PatternFile.read(junk, "junk", 0.2, Open.LIGHT))
                .hasMessageContaining("neither");
        assertThatThrownBy(() -> PatternFile.read(good, "wide", 50, Open.LIGHT))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("width");
    }

    /** A scribble that crosses itself thousands of times is refused in time. */
    @Test(timeOut = 30_000)
    public void scribblesAreAnswered() {
        Random random = new Random(6);
        StringBuilder path = new StringBuilder("M0 0");
        for (int i = 0; i < 2_000; i++) {
            path.append(" L%d %d".formatted(random.nextInt(100), random.nextInt(100)));
        }
        assertThatThrownBy(() -> svg("<path d='" + path + "Z'/>"))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("cross");
    }

    /** Hundreds of shapes that lie across each other, which would cross millions of times. */
    @Test(timeOut = 30_000)
    public void shapesInHeapsAreAnswered() {
        StringBuilder rings = new StringBuilder();
        for (int i = 0; i < 990; i++) {
            rings.append("<circle cx='%d' cy='%d' r='40'/>".formatted(40 + i % 21, 40 + i % 19));
        }
        for (String fill : new String[] {"black", "none"}) {
            assertThatThrownBy(() -> svg("<g fill='" + fill + "'>" + rings + "</g>"))
                    .isInstanceOf(BadFile.class)
                    .hasMessageMatching(".*(cross|corners).*");
        }
    }

    /** A pattern that looks back would take the square of its length over these: hours. */
    @Test(timeOut = 10_000)
    public void longAttributesAreReadInTheirLength() throws BadFile {
        String blanks = " ".repeat(400_000);
        String digits = "1".repeat(400_000);
        for (String width :
                new String[] {blanks + "x" + blanks + "!", digits + "!", digits + "e" + digits, "10" + blanks + "mm!"
                }) {
            OwnHoles holes = drawing("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100' width='" + width
                    + "'><circle cx='50' cy='50' r='20'/></svg>");
            assertThat(holes.width()).as("the width that was asked for").isEqualTo(0.2);
        }
        assertThatThrownBy(() -> svg("<circle cx='" + digits + "' r='3'/>"))
                .isInstanceOf(BadFile.class)
                .hasMessageContaining("cannot be read");
    }

    @Test
    public void aPathWithoutABeginningIsRefused() {
        for (String path : new String[] {"L10 10", "H5", "Z", "A1 1 0 0 0 1 1", "10 10"}) {
            assertThatThrownBy(() -> svg("<path d='" + path + "'/>")).as(path).isInstanceOf(BadFile.class);
        }
    }

    @Test
    public void namesAreCleanedAndCutBetweenSigns() throws BadFile {
        byte[] good = (SVG + "<circle cx='50' cy='50' r='20'/></svg>").getBytes(StandardCharsets.UTF_8);
        String cook = "\ud83d\udc69\u200d\ud83c\udf73";
        assertThat(PatternFile.read(good, "a\0b\uffff", 0.2, Open.LIGHT).name()).isEqualTo("a b");
        assertThat(PatternFile.read(good, cook.repeat(40), 0.2, Open.LIGHT).name())
                .isEqualTo(cook.repeat(26));
        assertThat(PatternFile.read(good, "\ud83d", 0.2, Open.LIGHT).name()).isEqualTo("Own pattern");
    }

    /** The even-odd rule by pairs of outlines, against the rule itself at thousands of places. */
    @Test
    public void everySecondOfManyOutlinesIsCardAgain() throws BadFile {
        StringBuilder rings = new StringBuilder();
        for (int i = 0; i < 40; i++) {
            rings.append("<circle cx='%d' cy='%d' r='%d' fill='none'/>".formatted(50, 50, 5 + i));
        }
        OwnHoles holes = svg(rings.toString());
        double expected = 0;
        for (int i = 0; i < 40; i++) {
            expected += (i % 2 == 0 ? -1 : 1) * Math.PI * (5 + i) * (5 + i);
        }
        assertThat(area(holes) * (88 * 88) / (0.2 * 0.2)).isCloseTo(expected, within(0.01 * expected));
    }
}
