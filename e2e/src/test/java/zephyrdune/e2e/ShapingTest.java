package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Cards, flags, slits, patterns and the base light, as somebody puts them round the dish. */
public class ShapingTest extends Browsing {

    /** Each step is a picture that is traced to the end: seconds, and more on a busy machine. */
    private static final int TRACED_MILLIS = 120_000;

    private static final String CARDS = "Cards and flags";

    @BeforeMethod
    public void openChowder() {
        open("Smoked mussel chowder");
        tab(CARDS);
    }

    @Test
    public void aWhiteCardLiftsTheShadowAndGoesAgain() {
        double without = reading("SHADOW_DEPTH");
        add("White card");
        double with = changedReading("SHADOW_DEPTH", without);
        assertThat(with).isLessThan(without - 0.5);
        assertThat(reading("CARD_LIFT")).isGreaterThan(1);
        assertThat(page.getByTestId("card-fill")).containsText("Out of the frame from");
        page.getByTestId("reading-LIT_TO_SHADOW").click();
        page.getByLabel("I want").fill("3");
        page.getByTestId("lever-CARD_DISTANCE").click();
        assertThat(page.getByTestId("wanted")).containsText("The card is");
        page.keyboard().press("Escape");
        settled();
        assertThat(reading("LIT_TO_SHADOW")).isCloseTo(3, within(0.11));
        click("Remove it");
        settled();
        assertThat(changedReading("SHADOW_DEPTH", with)).isEqualTo(without);
        page.keyboard().press("Control+z");
        assertThat(field("cards.picked")).isVisible();
    }

    @Test
    public void aCardIsDraggedAndTurnedOnTheFloorAndLiftedInTheRise() {
        add("White card");
        double distance = number("cards.0.distanceMetres");
        double lift = reading("CARD_LIFT");
        double[] from = middle(page.getByTestId("card-floor-0"));
        drag(from, new double[] {from[0] + 50, from[1] + 25});
        settled();
        assertThat(number("cards.0.distanceMetres")).isGreaterThan(distance + 20);
        assertThat(changedReading("CARD_LIFT", lift)).isLessThan(lift);
        double turn = number("cards.0.turnDegrees");
        double[] grip = middle(page.getByTestId("card-turn-0"));
        drag(grip, new double[] {grip[0] + 14, grip[1] - 18});
        settled();
        assertThat(number("cards.0.turnDegrees")).isNotEqualTo(turn);
        double[] side = middle(page.getByTestId("card-rise-0"));
        drag(side, new double[] {side[0], side[1] - 30});
        settled();
        assertThat(number("cards.0.liftMetres")).isGreaterThan(10);
        page.getByTestId("card-floor-0").focus();
        double before = number("cards.0.distanceMetres");
        page.keyboard().press("Shift+ArrowRight");
        settled();
        assertThat(number("cards.0.distanceMetres")).isNotEqualTo(before);
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Control+z");
        }
        assertThat(field("cards.0.distanceMetres")).hasValue(Pattern.compile("^" + Math.round(distance)));
    }

    /** The pair of boards is placed, its gap dragged open and shut; the strip on the floor follows. */
    @Test
    public void theEdgesOfASlitAreDragged() {
        tab("Shaper");
        type("light.face.widthMetres", "15");
        type("light.face.heightMetres", "15");
        tab(CARDS);
        click("Slit look");
        assertThat(page.getByTestId("notice").getByText("No slit covers the hero"))
                .isVisible();
        tab("Place");
        type("light.clockHours", "9:00");
        settled();
        tab(CARDS);
        click("Slit look");
        page.getByTestId("cards.picked").waitFor();
        settled();
        assertThat(page.getByTestId("strip")).hasCount(1);
        assertThat(page.getByTestId("notice").getByText("none of the key reaches the backdrop"))
                .isVisible();
        double strip = reading("STRIP_FULL");
        assertThat(strip).as("covers the hero of 19 cm").isGreaterThanOrEqualTo(19);
        double gap = number("cards.0.cut.holes.gapMetres");
        double[] edge = middle(page.getByTestId("card-edge-left-0"));
        double[] other = middle(page.getByTestId("card-edge-right-0"));
        double apart = Math.hypot(edge[0] - other[0], edge[1] - other[1]);
        double[] out = {12 * (edge[0] - other[0]) / apart, 12 * (edge[1] - other[1]) / apart};
        drag(edge, new double[] {edge[0] + out[0], edge[1] + out[1]});
        settled();
        assertThat(number("cards.0.cut.holes.gapMetres")).isGreaterThan(gap * 1.2);
        assertThat(changedReading("STRIP_FULL", strip)).isGreaterThan(strip);
        edge = middle(page.getByTestId("card-edge-left-0"));
        drag(edge, new double[] {other[0] - (edge[0] - other[0]), other[1] - (edge[1] - other[1])});
        settled();
        assertThat(field("cards.0.cut.holes.gapMetres")).hasValue("0");
        assertThat(page.getByTestId("strip")).hasCount(0);
        page.keyboard().press("Control+z");
        settled();
        assertThat(page.getByTestId("strip")).hasCount(1);
    }

    private static FilePayload file(String name, String type, String text) {
        return new FilePayload(name, type, text.getBytes(StandardCharsets.UTF_8));
    }

    private static byte[] stripes() {
        BufferedImage image = new BufferedImage(120, 80, BufferedImage.TYPE_BYTE_GRAY);
        for (int x = 10; x < 110; x++) {
            for (int y = 10; y < 70; y++) {
                image.setRGB(x, y, x / 20 % 2 == 0 ? Color.WHITE.getRGB() : 0);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", bytes);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return bytes.toByteArray();
    }

    /** A drawing and a picture are cut into the card; a bad file is refused with its reason, and the pattern stays. */
    @Test
    public void patternsOfOnesOwn() {
        add("Hole card");
        assertThat(page.getByTestId("cut-preview")).isVisible();
        page.getByTestId("pattern-file")
                .setInputFiles(
                        file(
                                "star.svg",
                                "image/svg+xml",
                                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'>"
                                        + "<circle cx='20' cy='50' r='15'/><rect x='50' y='20' width='30' height='60'/></svg>"));
        assertThat(field("cards.0.cut.holes.kind")).hasValue("own-holes");
        settled();
        assertThat(page.getByTestId("cut-preview")).isVisible();
        type("cards.0.cut.holes.widthMetres", "30");
        settled();
        page.getByTestId("pattern-file")
                .setInputFiles(file(
                        "evil.svg",
                        "image/svg+xml",
                        "<svg xmlns='http://www.w3.org/2000/svg'><script>document.title = 'x'</script></svg>"));
        assertThat(page.getByTestId("notice").getByText("The drawing holds a script"))
                .isVisible();
        assertThat(field("cards.0.cut.holes.widthMetres")).hasValue("30");
        page.getByTestId("pattern-file").setInputFiles(new FilePayload("stripes.png", "image/png", stripes()));
        assertThat(page.getByTestId("notice").getByText("stripes.png is cut into the card"))
                .isVisible();
        settled();
        field("cards.0.cut.holes.kind").selectOption("leaf-holes");
        tab("Shaper");
        type("light.face.widthMetres", "15");
        type("light.face.heightMetres", "15");
        tab(CARDS);
        settled();
        Locator sharper = page.locator("[data-testid=sharper][aria-busy=false]");
        assertThat(sharper).containsText("Smaller light");
        assertThat(sharper).containsText("blur of the patch");
    }

    /** The SVG measured by the browser's own layout, and the PDF as printed at 254 dots an inch by another program. */
    @Test
    public void templatesAreTrueToSize() throws Exception {
        add("Hole card");
        Download svg = page.waitForDownload(() -> click("Save the template as SVG"));
        String drawing = Files.readString(svg.path());
        Page ruler = context().newPage();
        ruler.setContent("<body style='margin:0'>" + drawing.replaceFirst("<\\?xml[^>]*>", ""));
        double rule =
                (double) ruler.evaluate("() => document.querySelector('#check-rule').getBoundingClientRect().width");
        double card = (double) ruler.evaluate("() => document.querySelector('#card').getBoundingClientRect().width");
        double hole = (double) ruler.evaluate("() => document.querySelector('circle').getBoundingClientRect().width");
        ruler.close();
        double millimetre = 96 / 25.4;
        assertThat(rule / millimetre).isCloseTo(100, within(0.2));
        assertThat(card / millimetre).isCloseTo(500, within(0.2));
        assertThat(hole / millimetre).isCloseTo(30, within(0.2));
        Download pdf = page.waitForDownload(() -> click("Save the template as PDF on A4"));
        Path folder = Files.createTempDirectory("template");
        Process printer = new ProcessBuilder(
                        "pdftoppm",
                        "-r",
                        "254",
                        "-f",
                        "2",
                        "-l",
                        "2",
                        "-gray",
                        "-png",
                        pdf.path().toString(),
                        folder + "/page")
                .inheritIO()
                .start();
        assertThat(printer.waitFor()).isZero();
        try (var pages = Files.list(folder)) {
            BufferedImage sheet = ImageIO.read(pages.findFirst().orElseThrow().toFile());
            assertThat(sheet.getWidth()).isBetween(2098, 2102);
            assertThat(longestLine(sheet, sheet.getHeight() - 145, sheet.getHeight() - 135))
                    .isBetween(998, 1004);
        }
    }

    /** The longest unbroken dark line in some rows, pixels: a tenth of a millimetre each. */
    private static int longestLine(BufferedImage sheet, int from, int to) {
        int longest = 0;
        for (int y = from; y < to; y++) {
            int run = 0;
            for (int x = 0; x < sheet.getWidth(); x++) {
                run = (sheet.getRGB(x, y) & 0xff) < 160 ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest;
    }

    @Test
    public void aFindingIsTriedAndTakenBack() {
        add("White card");
        type("cards.0.distanceMetres", "22");
        assertThat(page.getByTestId("findings")).containsText("Card 1 is in the frame");
        page.getByTestId("findings").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByTestId("findings")).not().containsText("Card 1 is in the frame");
        assertThat(number("cards.0.distanceMetres")).isGreaterThan(22);
        click("Take it back");
        assertThat(field("cards.0.distanceMetres")).hasValue("22");
    }

    @Test
    public void theStepsAreKeptAsTakes() {
        add("White card");
        page.getByTestId("takes").click();
        page.getByTestId("keep-steps").click();
        List<String> names = List.of("Key only", "Key with card", "Card off", "Everything");
        assertThat(page.getByLabel("Name of the take"))
                .hasCount(names.size(), new LocatorAssertions.HasCountOptions().setTimeout(TRACED_MILLIS));
        for (int i = 0; i < names.size(); i++) {
            assertThat(page.getByLabel("Name of the take").nth(i)).hasValue(names.get(i));
        }
        assertThat(page.getByText(Pattern.compile("lit to shadow side \\d\\.\\d stops")))
                .hasCount(names.size(), new LocatorAssertions.HasCountOptions().setTimeout(TRACED_MILLIS));
    }

    @Test
    public void strictlyOneLightHidesTheBase() {
        tab("Base light");
        click("Soft sun");
        settled();
        // a stop under the key as it is set; on the hero, where the key's own box hides part of it, less
        assertThat(reading("BASE_UNDER_KEY")).isBetween(-2.5, -1.0);
        field("one-light").selectOption("one light");
        settled();
        assertThat(field("base.kind")).isHidden();
        assertThat(page.getByTestId("reading-BASE_UNDER_KEY")).isHidden();
        page.reload();
        waitForReadings("Smoked mussel chowder");
        tab("Base light");
        assertThat(field("base.kind")).isHidden();
        field("one-light").selectOption("key and base");
        assertThat(field("base.kind")).hasValue("no-base");
    }

    /** Cards that go while one of them is dragged leave nothing behind. */
    @Test
    public void everyCardGoesInTheMiddleOfADrag() {
        add("Flag");
        add("Mirror");
        type("cards.1.liftMetres", "40");
        click("Turn to bounce");
        assertThat(page.getByTestId("second-light")).isVisible();
        assertThat(page.getByTestId("card-fill")).containsText("Its second light lands");
        double[] from = middle(page.getByTestId("card-floor-1"));
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(from[0] + 10, from[1] + 4);
        for (int i = 0; i < 5; i++) {
            page.keyboard().press("Control+z");
        }
        page.mouse().move(from[0] + 30, from[1] + 10);
        page.mouse().move(from[0] + 40, from[1] + 12);
        page.mouse().up();
        settled();
        assertThat(page.getByText("Nothing is put round the dish yet.")).isVisible();
    }
}
