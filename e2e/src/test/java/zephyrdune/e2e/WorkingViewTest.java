package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
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
        for (String part : new String[] {"handle-floor", "handle-rise", "picture", "reading-EDGE_SHOWN", "contours"}) {
            assertThat(page.getByTestId(part)).isInViewport();
        }
        assertThat(page.locator("h1")).containsText("Smoked mussel chowder");
    }

    /** What has come onto the page stays where it is while the rest comes. */
    @Test
    public void nothingShiftsWhileThePageComes() {
        context().addInitScript("""
                window.shifts = [];
                new PerformanceObserver(list => window.shifts.push(...list.getEntries().map(shift =>
                    shift.value + ': ' + shift.sources.map(source => source.node?.outerHTML?.slice(0, 80)))))
                  .observe({ type: 'layout-shift', buffered: true });
                """);
        page.reload();
        waitForReadings("Smoked mussel chowder");
        waitForFine();
        assertThat(page.evaluate("window.shifts.join('; ')")).isEqualTo("");
    }

    /** Offered to who is new, walked to its end by keys, and then only when it is asked for. */
    @Test
    public void theTourIsOfferedOnceAndCanBeAskedForAgain() {
        try (BrowserContext stranger = strangersContext(1280, 800)) {
            Page first = newPage(stranger);
            first.navigate(address());
            first.getByTestId("tour-offer").getByText("Show me round").click();
            Locator tour = first.getByTestId("tour");
            for (int stop = 1; stop <= 6; stop++) {
                assertThat(tour).containsText(stop + " of 6");
                first.keyboard().press("Enter"); // Next has the focus
            }
            assertThat(tour).hasCount(0);
            first.reload();
            assertThat(first.locator("h1")).isVisible();
            assertThat(first.getByTestId("tour-offer")).hasCount(0);
            first.keyboard().press("?");
            first.getByRole(AriaRole.BUTTON, named("Show me round")).click();
            assertThat(tour).containsText("1 of 6");
            first.keyboard().press("Escape");
            assertThat(tour).hasCount(0);
            first.navigate("about:blank");
        }
    }

    @Test
    public void theNumbersTakeThePlaceOfTheSideView() {
        tab("Source");
        assertThat(page.getByTestId("handle-rise")).isVisible();
        click("Larger panel, over the view from the side");
        assertThat(page.getByTestId("handle-rise")).isHidden();
        assertThat(
                        page.evaluate(
                                "() => { const all = document.querySelectorAll('[role=tabpanel]'); const e = all[all.length - 1]; return e.scrollHeight - e.clientHeight; }"))
                .isEqualTo(0);
        click("Show the view from the side");
        assertThat(page.getByTestId("handle-rise")).isVisible();
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
        return Pixels.patch(image, 0.72, 0.66) / Pixels.patch(image, 0.28, 0.66);
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
        double before = reading("EDGE_SHOWN");
        tab("Shaper");
        for (String wrong : new String[] {"9000", "0", "-5", "NaN", "wide", "1e9"}) {
            type("light.face.widthMetres", wrong);
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("0.5 to 300 cm");
            assertThat(field("light.face.widthMetres")).hasValue(wrong);
            assertThat(reading("EDGE_SHOWN")).isEqualTo(before);
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
        double before = reading("BACKDROP_TONE");
        page.getByTestId("handle-floor").focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowDown");
        }
        assertThat(changedReading("BACKDROP_TONE", before)).isNotEqualTo(before);
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
        tab("Hero");
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
    public void anyActionIsFoundByTyping() {
        page.locator("body").press("/");
        page.getByTestId("find").fill("white card");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("cards.picked")).isVisible();
        page.locator("body").press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Keep a take");
        page.keyboard().press("Escape");
        page.locator("body").press("5");
        assertThat(field("exposure.apertureFNumber")).isVisible();
    }

    /** What stands in the way is said with the change that mends it. */
    @Test
    public void aRefusalIsMendedByOnePress() {
        type("light.heightAngleDegrees", "2");
        page.getByTestId("remedy").click();
        assertThat(page.getByTestId("impossible")).isHidden();
        settled();
        assertThat(Double.parseDouble(field("light.heightAngleDegrees").inputValue()))
                .isBetween(10.0, 30.0);
    }

    /** A tile has the word, the figure, and what it was before the last move. */
    @Test
    public void tilesSayHowSoftAndWhatItWas() {
        Locator softness = page.getByTestId("reading-EDGE_SHOWN");
        assertThat(softness.getByTestId("word")).hasText("very soft");
        type("light.distanceMetres", "130");
        assertThat(softness.getByTestId("word")).hasText(Pattern.compile("(very )?soft"));
        assertThat(softness.getByTestId("was")).containsText("was 124");
    }

    @Test
    public void everyReadingIsInTheList() {
        click("All readings");
        Locator rows = page.getByTestId("all-readings").locator("li");
        assertThat(rows).hasCount(50);
        rows.filter(new Locator.FilterOptions().setHasText("Inverse-square error"))
                .locator("button")
                .click();
        assertThat(page.getByText("five-times rule").first()).isVisible();
    }

    @Test
    public void theShutterPartsAFlashFromTheRoomButNotAnLed() {
        tab("Exposure");
        double before = reading("AMBIENT_UNDER_KEY");
        field("exposure.shutterSeconds").selectOption("1/60 s");
        assertThat(changedReading("AMBIENT_UNDER_KEY", before)).isCloseTo(before + 1, within(0.11));
        tab("Source");
        field("light.source.kind").selectOption("led-panel");
        tab("Power");
        field("light.powerChoice").selectOption("fixed");
        double led = settledReading("AMBIENT_UNDER_KEY");
        tab("Exposure");
        field("exposure.shutterSeconds").selectOption("1/15 s");
        assertThat(settledReading("AMBIENT_UNDER_KEY")).isCloseTo(led, within(1e-9));
        page.getByTestId("reading-AMBIENT_UNDER_KEY").click();
        assertThat(page.getByText("no camera setting parts an LED from it").first())
                .isVisible();
    }

    @Test
    public void feetTypedAsMetresAreDoubted() {
        tab("Table and backdrop");
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
}
