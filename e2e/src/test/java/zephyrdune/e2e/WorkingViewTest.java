package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class WorkingViewTest extends Browsing {

    @BeforeMethod
    public void openChowder() {
        open("Smoked mussel chowder");
    }

    @Test
    public void everythingFitsWithoutScrolling() {
        Object overflow = page.evaluate(
                "() => { const e = document.scrollingElement; return [e.scrollHeight - innerHeight, e.scrollWidth - innerWidth]; }");
        assertThat(overflow.toString()).isEqualTo("[0, 0]");
        for (String part :
                new String[] {"handle-floor", "handle-rise", "picture", "reading-TIP_EDGE_SEEN", "contours"}) {
            assertThat(page.getByTestId(part)).isInViewport();
        }
        assertThat(page.locator("h1")).containsText("Smoked mussel chowder");
    }

    /** From 6 o'clock to 10 o'clock: the shadow goes from behind the bowl to its right, and undo puts both back. */
    @Test
    public void draggingTheSoftboxMovesTheShadow() {
        clearTheTable();
        // far enough to stand behind the lens at 6 o'clock
        type("light.heightAngleDegrees", "45");
        type("light.distanceMetres", "160");
        type("light.clockHours", "6:00");
        waitForFine();
        assertThat(reading("FALL_OFF_FRAME")).isCloseTo(0, within(1e-9));
        assertThat(rightAgainstLeft()).isCloseTo(1, within(0.08));
        double shadowAtSix = middle(page.getByTestId("floor-shadow"))[1];

        double[] from = middle(page.getByTestId("handle-floor"));
        double[] hero = middle(page.getByLabel("The set from above"));
        double radius = from[1] - hero[1];
        double ten = Math.toRadians(300);
        drag(from, new double[] {hero[0] + radius * Math.sin(ten), hero[1] - radius * Math.cos(ten)});
        waitForFine();
        assertThat(reading("FALL_OFF_FRAME")).isLessThan(-0.6);
        assertThat(field("light.clockHours").inputValue()).matches("(9:5\\d|10:0\\d)");
        assertThat(rightAgainstLeft()).as("the shadow lies to the right").isLessThan(0.6);
        assertThat(middle(page.getByTestId("floor-shadow"))[1]).isGreaterThan(shadowAtSix + 3);

        click("Undo");
        assertThat(field("light.clockHours")).hasValue("6:00");
        assertThat(changedReading("FALL_OFF_FRAME", reading("FALL_OFF_FRAME"))).isCloseTo(0, within(1e-9));
        waitForFine();
        assertThat(rightAgainstLeft()).isCloseTo(1, within(0.08));

        click("Redo");
        assertThat(field("light.clockHours").inputValue()).matches("(9:5\\d|10:0\\d)");
    }

    /** Table to the right of the bowl against table to its left, as code values. */
    private double rightAgainstLeft() {
        BufferedImage image = picture();
        return patch(image, 0.72, 0.66) / patch(image, 0.28, 0.66);
    }

    @Test
    public void aLightBeforeTheLensIsSaid() {
        type("light.clockHours", "6:00");
        assertThat(page.getByTestId("findings")).containsText("The light is in the frame");
        click("Undo");
        assertThat(page.getByTestId("findings")).not().containsText("The light is in the frame");
    }

    @Test
    public void draggingUpInTheRiseShortensTheShadow() {
        double before = reading("SHADOW_LENGTH");
        double[] from = middle(page.getByTestId("handle-rise"));
        drag(from, new double[] {from[0], from[1] - 40});
        assertThat(changedReading("SHADOW_LENGTH", before)).isLessThan(before);
        assertThat(Double.parseDouble(field("light.heightAngleDegrees").inputValue()))
                .isGreaterThan(45);
    }

    @Test
    public void aDropWhereTheLightCannotBeGoesBack() {
        String before = field("light.distanceMetres").inputValue();
        double[] from = middle(page.getByTestId("handle-rise"));
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move(from[0], from[1] + 60, new Mouse.MoveOptions().setSteps(8));
        assertThat(page.getByTestId("impossible")).containsText("below the table top; raise it to at least");
        page.mouse().up();
        assertThat(page.getByTestId("impossible")).isHidden();
        assertThat(Double.parseDouble(field("light.heightAngleDegrees").inputValue()))
                .isGreaterThan(15);
        click("Undo");
        assertThat(field("light.distanceMetres")).hasValue(before);
    }

    @Test
    public void numbersCanBeTypedAndNudged() {
        type("light.distanceMetres", "1.2 m");
        assertThat(field("light.distanceMetres")).hasValue("120");
        field("light.distanceMetres").press("ArrowUp");
        assertThat(field("light.distanceMetres")).hasValue("121");
        field("light.distanceMetres").press("Shift+ArrowDown");
        assertThat(field("light.distanceMetres")).hasValue("111");
        type("light.clockHours", "12:00");
        field("light.clockHours").press("ArrowUp");
        assertThat(field("light.clockHours")).hasValue("12:15");
    }

    @Test
    public void aNumberOutOfRangeIsKeptInTheFieldAndOffTheTable() {
        double before = reading("SIZE_ACROSS");
        tab("Shaper");
        for (String wrong : new String[] {"9000", "0", "-5", "NaN", "wide", "1e9"}) {
            type("light.face.widthMetres", wrong);
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("0.5 to 300 cm");
            assertThat(field("light.face.widthMetres")).hasValue(wrong);
            assertThat(reading("SIZE_ACROSS")).isEqualTo(before);
        }
        field("light.face.widthMetres").press("Escape");
        assertThat(field("light.face.widthMetres")).hasValue("60");
        assertThat(page.getByTestId("save-state")).hasText("saved");
    }

    @Test
    public void whatCannotStandIsSaidAndTakenBack() {
        type("light.heightAngleDegrees", "3");
        Locator said = page.getByTestId("impossible");
        assertThat(said).containsText("raise it to at least 19°");
        click("Save");
        assertThat(page.getByText("Not saved:").first()).isVisible();
        click("Take back");
        assertThat(said).isHidden();
        assertThat(field("light.heightAngleDegrees")).hasValue("40");
    }

    @Test
    public void inchesEverywhere() {
        click("Show inches");
        assertThat(field("light.distanceMetres")).hasValue("35.43");
        type("light.distanceMetres", "36");
        click("Show centimetres");
        assertThat(field("light.distanceMetres")).hasValue("91.4");
    }

    @Test
    public void arrowKeysMoveTheLightOnTheFloor() {
        double before = reading("BACKDROP_LEVEL");
        page.getByTestId("handle-floor").focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowDown");
        }
        assertThat(changedReading("BACKDROP_LEVEL", before)).isNotEqualTo(before);
        assertThat(page.getByTestId("handle-floor")).hasAttribute("aria-valuetext", Pattern.compile("9:.*"));
        // presses close together are one step
        for (int i = 0; i < 3 && !field("light.clockHours").inputValue().equals("10:00"); i++) {
            page.keyboard().press("Control+z");
        }
        assertThat(field("light.clockHours")).hasValue("10:00");
    }

    @Test
    public void aReadingShowsItsPlaceAndItsSource() {
        page.getByTestId("reading-FALL_OFF_FRAME").hover();
        assertThat(page.getByTestId("probes").first().locator("circle")).hasCount(2);
        page.getByTestId("reading-FALL_OFF_FRAME").click();
        assertThat(page.getByText("J. H. Lambert, Photometria, 1760")).isVisible();
        assertThat(page.getByTestId("probes").first().locator("circle")).hasCount(2);
        assertThat(page.getByTestId("rule-of-thumb")).containsText("Inverse-square law");
        page.keyboard().press("Escape");
        assertThat(page.getByText("J. H. Lambert, Photometria, 1760")).isHidden();
    }

    @Test
    public void theDishCanBeChanged() {
        tab("Dish");
        double bowl = reading("SHADOW_LENGTH");
        field("dish.kind").selectOption("drum");
        double drum = changedReading("SHADOW_LENGTH", bowl);
        type("dish.drumHeightMetres", "24");
        assertThat(changedReading("SHADOW_LENGTH", drum)).isGreaterThan(drum + 10);
        click("Undo");
        click("Undo");
        assertThat(field("dish.kind")).hasValue("bowl");
    }

    @Test
    public void unsavedWorkAndItsHistorySurviveAReload() {
        type("light.clockHours", "2:00");
        type("light.distanceMetres", "130");
        page.reload();
        waitForFine();
        assertThat(field("light.clockHours")).hasValue("2:00");
        assertThat(field("light.distanceMetres")).hasValue("130");
        assertThat(page.getByTestId("save-state")).hasText("not saved yet");
        click("Undo");
        assertThat(field("light.distanceMetres")).hasValue("90");
    }

    @Test
    public void everyLightCanBeChosenAndEdited() {
        tab("Source");
        for (String source : new String[] {"mains-flash", "led-panel", "led-point", "battery-flash"}) {
            field("light.source.kind").selectOption(source);
            boolean flash = source.endsWith("flash");
            String[] outputs = flash
                    ? new String[] {"guide-number", "metered-aperture", "watt-seconds"}
                    : new String[] {"lux-at-one-metre", "lumens"};
            for (String output : outputs) {
                field("light.source.output.kind").selectOption(output);
                settled();
            }
            String strength = flash ? "energyWattSeconds" : "fluxLumens";
            String before = mark();
            type("light.source.output." + strength, flash ? "1200" : "250000");
            assertThat(page.getByTestId("reading-POWER").locator("span span").first())
                    .not()
                    .hasText(before);
        }
        tab("Shaper");
        String[] shapes = {"strip", "disc", "octagon", "rectangle"};
        String[] sizes = {"breadthMetres", "diameterMetres", "acrossFlatsMetres", "widthMetres"};
        for (int i = 0; i < shapes.length; i++) {
            field("light.face.kind").selectOption(shapes[i]);
            double before = settledReading("SIZE_ACROSS");
            type("light.face." + sizes[i], Integer.toString(25 + 5 * i));
            assertThat(changedReading("SIZE_ACROSS", before)).isNotEqualTo(before);
        }
        for (String spread : new String[] {"beam", "gridded", "bare", "diffuse"}) {
            field("light.spread.kind").selectOption(spread);
            settled();
        }
        tab("Power");
        for (String dial : new String[] {"stop-scale", "percent", "fractions"}) {
            field("light.source.dial.kind").selectOption(dial);
            settled();
        }
        assertThat(page.getByTestId("mark")).containsText("1/");
        field("light.powerChoice").selectOption("fixed");
        field("light.powerStops").selectOption("1/8");
        assertThat(page.getByTestId("mark")).containsText("1/8");
    }

    /** Common practice, no published source: a flash farther behind its panel is softer. */
    @Test
    public void aFlashFartherBehindItsPanelIsSofter() {
        tab("Shaper");
        double even = settledReading("TIP_EDGE_SEEN");
        field("light.filling.kind").selectOption("from-behind");
        type("light.filling.gapMetres", "20");
        double near = settledReading("TIP_EDGE_SEEN");
        assertThat(page.getByTestId("source-spot")).hasCount(2);
        type("light.filling.gapMetres", "60");
        double far = settledReading("TIP_EDGE_SEEN");
        assertThat(near).isLessThan(far);
        assertThat(far).isLessThanOrEqualTo(even);
        type("light.filling.gapMetres", "400");
        assertThat(page.getByText("The source behind the panel stands behind the backdrop")
                        .first())
                .isVisible();
        click("Undo");
        settled();
        click("Undo");
        field("light.spread.kind").selectOption("bare");
        assertThat(page.getByText("A panel lit from behind is not bare").first())
                .isVisible();
    }

    private String mark() {
        settled();
        return page.getByTestId("reading-POWER").locator("span span").first().innerText();
    }

    private double settledReading(String kind) {
        settled();
        return reading(kind);
    }

    @Test
    public void aWantedReadingMovesTheLight() {
        double before = reading("FALL_OFF_FRAME");
        page.getByTestId("reading-FALL_OFF_FRAME").click();
        Locator wanted = page.getByTestId("wanted");
        wanted.getByRole(AriaRole.TEXTBOX).fill("-0.8");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(wanted.getByRole(AriaRole.STATUS)).containsText("−0.8 stop");
        assertThat(wanted.getByRole(AriaRole.STATUS)).containsText("keep the exposure");
        page.keyboard().press("Escape");
        assertThat(changedReading("FALL_OFF_FRAME", before)).isCloseTo(-0.8, within(1e-9));
        assertThat(Double.parseDouble(field("light.distanceMetres").inputValue()))
                .isGreaterThan(100);
        page.getByTestId("reading-FALL_OFF_FRAME").click();
        page.getByTestId("wanted").getByRole(AriaRole.TEXTBOX).fill("7");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(page.getByTestId("wanted").getByRole(AriaRole.STATUS)).containsText("No place of it gives 7 stops");
    }

    @Test
    public void anotherFaceIsMadeAsSoftAsTheSavedOne() {
        double saved = reading("TIP_EDGE_SEEN");
        tab("Shaper");
        type("light.face.heightMetres", "30");
        double half = changedReading("TIP_EDGE_SEEN", saved);
        assertThat(half).isLessThan(saved * 0.7);
        page.getByTestId("reading-TIP_EDGE_SEEN").click();
        click("as saved");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(page.getByTestId("wanted").getByRole(AriaRole.STATUS)).containsText("The light is");
        page.keyboard().press("Escape");
        assertThat(changedReading("TIP_EDGE_SEEN", half)).isCloseTo(saved, within(1.0));
        tab("Place");
        assertThat(Double.parseDouble(field("light.distanceMetres").inputValue()))
                .isLessThan(70);
    }

    @Test
    public void everyReadingIsInTheList() {
        click("All readings");
        Locator rows = page.getByTestId("all-readings").locator("li");
        assertThat(rows).hasCount(45);
        rows.filter(new Locator.FilterOptions().setHasText("Inverse-square error"))
                .locator("button")
                .click();
        assertThat(page.getByText("five-times rule").first()).isVisible();
    }

    @Test
    public void theShutterPartsAFlashFromTheRoomButNotAnLed() {
        tab("Camera");
        double before = reading("AMBIENT_UNDER_KEY");
        field("exposure.shutterSeconds").selectOption("1/60 s");
        assertThat(changedReading("AMBIENT_UNDER_KEY", before)).isCloseTo(before + 1, within(0.11));
        tab("Source");
        field("light.source.kind").selectOption("led-panel");
        tab("Power");
        field("light.powerChoice").selectOption("fixed");
        double led = settledReading("AMBIENT_UNDER_KEY");
        tab("Camera");
        field("exposure.shutterSeconds").selectOption("1/15 s");
        assertThat(settledReading("AMBIENT_UNDER_KEY")).isCloseTo(led, within(1e-9));
        page.getByTestId("reading-AMBIENT_UNDER_KEY").click();
        assertThat(page.getByText("no camera setting parts an LED from it").first())
                .isVisible();
    }

    @Test
    public void feetTypedAsMetresAreDoubted() {
        tab("Room");
        type("backdrop.distanceMetres", "10 m");
        tab("Shaper");
        type("light.face.widthMetres", "2.5 m");
        type("light.face.heightMetres", "2.5 m");
        tab("Place");
        type("light.heightAngleDegrees", "45");
        type("light.distanceMetres", "8 m");
        assertThat(page.getByTestId("doubt")).containsText("were feet meant?");
        click("It is right");
        assertThat(page.getByTestId("doubt")).isHidden();
    }

    @Test
    public void aPhotometricFileBecomesTheLight() throws IOException {
        tab("Source");
        Download saved = page.waitForDownload(() -> click("Save as IES file"));
        assertThat(saved.suggestedFilename()).isEqualTo("Smoked-mussel-chowder.ies");
        assertThat(Files.readString(saved.path())).startsWith("IES:LM-63-2019");
        page.getByTestId("lamp-file").setInputFiles(saved.path());
        assertThat(field("light.source.kind")).hasValue("measured-lamp");
        settled();
        click("Undo");
        assertThat(field("light.source.kind")).hasValue("battery-flash");
        Path junk = Files.write(Files.createTempFile("lamp", ".ies"), new byte[] {1, 2, 3});
        page.getByTestId("lamp-file").setInputFiles(junk);
        assertThat(page.getByText("its first line must be").first()).isVisible();
        assertThat(field("light.source.kind")).hasValue("battery-flash");
        Files.delete(junk);
    }
}
