package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Kit, chain, room, ambient and power by the screens. */
public class KitTest extends Browsing {

    private static final String EMPTY =
            "{\"format\":\"zephyrdune-kit\",\"version\":1,\"sources\":[],\"shapers\":[],\"boards\":[],\"places\":[]}";

    private String demoKit;

    private String kit() {
        return page.request().get(address() + "api/kit").text();
    }

    private int put(String kit) {
        Matcher version = Pattern.compile("\"version\":(\\d+)").matcher(kit());
        assertThat(version.find()).isTrue();
        return page.request()
                .put(
                        address() + "api/kit",
                        RequestOptions.create()
                                .setHeader("content-type", "application/json")
                                .setData("{\"version\":" + version.group(1) + ",\"kit\":" + kit + "}"))
                .status();
    }

    /** Saves it; where the page's own last save came in between, over that. */
    private void saveKit(String kit) {
        int status = put(kit);
        for (int again = 0; status == 409 && again < 5; again++) {
            status = put(kit);
        }
        assertThat(status).isEqualTo(200);
    }

    @BeforeMethod
    public void rememberTheKit() {
        String stored = kit();
        demoKit = stored.substring(stored.indexOf("\"kit\":") + 6, stored.length() - 1);
    }

    @AfterMethod
    public void putTheKitBack() {
        page.waitForTimeout(700); // what was typed last is sent by now
        saveKit(demoKit);
    }

    private static SelectOption labelled(String label) {
        return new SelectOption().setLabel(label);
    }

    private Locator button(String startingWith) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(startingWith))
                .first();
    }

    @Test
    public void fromAnEmptyKitToAFirstSet() {
        saveKit(EMPTY);
        page.navigate(address() + "#/");
        page.reload();
        assertThat(page.getByText("The table is empty")).isVisible();
        click("Start a new set");
        page.getByLabel("Title").fill("First of all");
        field("new-sources").selectOption(labelled("Small battery flash"));
        field("new-shapers").selectOption(labelled("Octagon 90, two baffles"));
        field("new-places").selectOption(labelled("Small white kitchen"));
        click("Put it on the table");
        waitForReadings("First of all");
        settled();
        assertThat(reading("EDGE_SHOWN")).isPositive();
        assertThat(page.getByTestId("walls")).isVisible();
        page.waitForTimeout(900);
        assertThat(kit()).contains("Small battery flash", "Octagon 90, two baffles", "Small white kitchen");
        // the chain names what it is made of
        tab("Chain");
        assertThat(field("kit-shaper")).hasValue("Octagon 90, two baffles");
        assertThat(page.getByTestId("chain")).containsText("Inner baffle");
    }

    /** Of the hero's light in the demo's first set nearly all comes straight from the light, and some from the room. */
    @Test
    public void powerSaysWhereTheLightComesFrom() {
        open("Smoked mussel chowder");
        page.getByTestId("reading-POWER").click();
        Locator shares = page.getByTestId("shares");
        assertThat(shares).containsText(Pattern.compile("Straight from the light\\s*9\\d %"));
        assertThat(shares).containsText("From the room's own light");
        assertThat(shares).not().containsText("By way of the cards");
    }

    @Test
    public void piecesAreAddedChangedUsedAndTakenOut() {
        open("Smoked mussel chowder");
        click("Kit");
        tab("Boards");
        button("Add a board").click();
        click("Mirror");
        page.keyboard().press("Escape");
        button("Change Mirror").click();
        Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Boards"));
        int last = list.locator("> li").count() - 1;
        field("boards." + last + ".name").fill("White card");
        assertThat(page.getByTestId("kit-problem")).containsText("There is a “White card” already");
        field("boards." + last + ".name").fill("Shaving mirror");
        assertThat(page.getByTestId("kit-problem")).isHidden();
        type("boards." + last + ".widthMetres", "900");
        assertThat(page.getByText("Must be 2 to 300 cm")).isVisible();
        type("boards." + last + ".widthMetres", "12");
        button("Put Shaving mirror on the table").click();
        tab("Cards and flags");
        assertThat(field("cards.0.widthMetres")).hasValue("12");
        // the set keeps what is taken out of the kit
        click("Kit");
        tab("Boards");
        button("Take Shaving mirror out of the kit").click();
        assertThat(list).not().containsText("Shaving mirror");
        button("Put it back").click();
        assertThat(list).containsText("Shaving mirror");
        page.keyboard().press("Escape");
        assertThat(field("cards.0.widthMetres")).hasValue("12");
    }

    /** Common practice, no published source: a second baffle evens out and dims; a source farther back does too. */
    @Test
    public void theChainIsTakenApart() {
        open("Smoked mussel chowder");
        tab("Chain");
        field("kit-shaper").selectOption("Softbox 60 × 60, two baffles");
        settled();
        assertThat(page.getByTestId("chain")).containsText("Outer baffle");
        button("Inner baffle").click();
        assertThat(page.getByTestId("link-words")).containsText("A usual value");
        double soft = settledReading("EDGE_SHOWN");
        tab("Shaper");
        field("light.filling.inner.kind").selectOption("no-inner");
        assertThat(changedReading("EDGE_SHOWN", soft)).isLessThan(soft);
        type("light.filling.depthMetres", "45");
        settled();
        tab("Chain");
        assertThat(page.getByTestId("chain")).not().containsText("Inner baffle");
        assertThat(field("kit-shaper")).hasValue("As on the table");
        click("Keep shaper in kit");
        assertThat(field("kit-shaper")).hasValue("My shaper");
        // what cannot be built is refused with the reason
        tab("Shaper");
        field("light.spread.kind").selectOption("bare");
        assertThat(page.getByTestId("impossible")).containsText("scatter the light");
        click("Take back");
    }

    /** Common practice, no published source: a cap fills shadows in a white kitchen, and does nothing in a dark room. */
    @Test
    public void bouncesAndRooms() {
        open("Smoked mussel chowder");
        tab("Chain");
        field("kit-shaper").selectOption("Off the ceiling");
        assertThat(page.getByTestId("impossible")).containsText("no walls to bounce off");
        click("Take back");
        tab("Ambient");
        field("kit-place").selectOption("Small white kitchen");
        settled();
        double boxed = reading("SHADOW_DEPTH");
        tab("Chain");
        field("kit-shaper").selectOption("Off the ceiling");
        settled();
        assertThat(page.getByTestId("chain")).containsText("Ceiling");
        // straight under its patch: on the floor the two are one
        assertThat(page.getByTestId("source-spot")).hasCount(1);
        assertThat(reading("SHADOW_DEPTH")).isLessThan(boxed);
        // turned up into the corner it lights wall and ceiling
        tab("Shaper");
        field("light.filling.side").selectOption("left");
        type("light.filling.aboveDegrees", "42");
        settled();
        assertThat(page.getByTestId("leaf")).hasCount(2);
        tab("Chain");
        // a curtain reaches far down: from higher up it clears the table
        field("kit-shaper").selectOption("Off a curtain");
        assertThat(page.getByTestId("impossible")).containsText("raise it");
        tab("Place");
        type("light.clockHours", "9:00");
        type("light.heightAngleDegrees", "60");
        type("light.distanceMetres", "110");
        settled();
        tab("Chain");
        assertThat(page.getByTestId("chain")).containsText("Board");
        field("kit-shaper").selectOption("Book light: board, then cloth");
        settled();
        assertThat(page.getByTestId("bounce-board")).hasCount(2);
        tab("Ambient");
        type("ambient.illuminanceLux", "0"); // the flash alone
        tab("Chain");
        field("kit-shaper").selectOption("Bare head");
        double hard = settledReading("SHADOW_DEPTH");
        double edge = reading("EDGE_SHOWN");
        field("kit-shaper").selectOption("Small cap");
        double filled = changedReading("SHADOW_DEPTH", hard);
        assertThat(hard - filled).isGreaterThan(0.7);
        assertThat(reading("EDGE_SHOWN")).isEqualTo(edge);
        // a wall that the light would stand in
        tab("Walls and window");
        type("room.behindMetres", "60");
        assertThat(page.getByTestId("impossible")).containsText("smaller than the table");
    }

    @Test
    public void roomLightIsFoundOutAndBuried() {
        open("Smoked mussel chowder");
        tab("Ambient");
        field("room-kind").selectOption("dim-restaurant");
        assertThat(field("ambient.illuminanceLux")).hasValue("50");
        assertThat(page.getByTestId("room-note")).containsText("The room is buried");
        field("room-by").selectOption("meter");
        field("room-measured").fill("9");
        click("Take over: EV at ISO 100");
        assertThat(field("ambient.illuminanceLux")).hasValue("1280");
        assertThat(page.getByTestId("room-note")).containsText("1/200 s");
        field("room-by").selectOption("frame-with-the-light-off");
        field("room-measured").fill("six");
        click("Take over: Stops from correct");
        assertThat(page.getByTestId("notice").getByText("by how many stops the frame came out"))
                .isVisible();
        field("room-measured").fill("-3");
        click("Take over: Stops from correct");
        assertThat(page.getByTestId("room-note")).containsText("2.0 stops to go");
        type("ambient.illuminanceLux", "100000");
        type("ambient.buriedAtStops", "10");
        assertThat(page.getByTestId("room-note")).containsText("no camera setting is enough: close blinds");
        field("ambient.purpose").selectOption("keep");
        assertThat(page.getByTestId("room-note")).containsText("kept as a layer");
        field("ambient.purpose").selectOption("bury");
        tab("Chain");
        field("kit-source").selectOption("LED spot");
        tab("Ambient");
        assertThat(page.getByTestId("room-note")).containsText("parts an LED from it");
        tab("Walls and window");
        field("ambient.window.kind").selectOption("side-window");
        settled();
        assertThat(page.getByTestId("window")).hasCount(2);
    }

    @Test
    public void whatToDoAtTheDialsEnd() {
        open("Smoked mussel chowder");
        tab("Source");
        type("light.source.output.guideNumberMetres", "6");
        settled();
        tab("Power");
        assertThat(page.getByTestId("power-note")).containsText("Full power is");
        Locator ways = page.getByTestId("power-ways");
        assertThat(ways).containsText("Move the light");
        assertThat(ways).containsText("depth of field");
        ways.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change the ISO"))
                .click();
        settled();
        assertThat(ways).isHidden();
        assertThat(page.getByTestId("reading-POWER")).containsText("1/");
        assertThat(page.getByTestId("power-note")).not().containsText("Full power is");
    }

    /** Shapers side by side: a smaller box is as soft from nearer. */
    @Test
    public void shapersAreCompared() {
        open("Smoked mussel chowder");
        tab("Chain");
        click("Compare shapers");
        click("Strip 30 × 120, two baffles");
        Locator compared = page.getByTestId("compared");
        assertThat(compared).containsText("Stands at");
        assertThat(compared.getByRole(AriaRole.IMG)).isVisible();
        String soft = compared.innerText();
        page.getByRole(AriaRole.RADIO, named("As far")).click();
        assertThat(compared).containsText("90 cm");
        assertThat(compared.getByRole(AriaRole.IMG)).isVisible();
        compared.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("large$")))
                .click();
        Locator large = page.getByTestId("compared-large");
        assertThat(large).containsText("Strip 30 × 120, two baffles");
        page.keyboard().press("ArrowRight");
        assertThat(large).containsText("On the table now");
        click("All of them");
        page.getByRole(AriaRole.RADIO, named("As soft")).click();
        assertThat(compared).containsText(soft.lines().findFirst().orElseThrow());
        compared.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it there"))
                .click();
        settled();
        tab("Shaper");
        assertThat(field("light.face.kind")).hasValue("strip");
        click("Undo");
        assertThat(field("light.face.kind")).hasValue("rectangle");
    }

    /** A shaper before the wall, from the kit to the kit: what it was stated as, what it is, and back. */
    @Test
    public void theWallTestTellsAShaper() {
        open("Smoked mussel chowder");
        page.getByRole(AriaRole.BUTTON, named("Kit")).click();
        tab("Shapers");
        click("Wall test");
        Locator shapers = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Shapers to test"));
        click("Add the usual ones to the kit");
        assertThat(page.getByRole(AriaRole.BUTTON, named("Begin with 7 shapers")))
                .isEnabled();
        for (Locator chosen : shapers.getByRole(AriaRole.CHECKBOX).all()) {
            chosen.uncheck();
        }
        assertThat(page.getByRole(AriaRole.BUTTON, named("Begin with 0 shapers")))
                .isDisabled();
        shapers.getByLabel("Bare head").check();
        shapers.getByLabel("Snoot").check();
        click("Begin with 2 shapers");
        // what is no picture says so, and the test goes on
        page.getByTestId("wall.frame.Snoot")
                .setInputFiles(new FilePayload("snoot.jpg", "image/jpeg", "none".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("no photograph that can be read").first()).isVisible();
        page.getByLabel("Practise without a camera").check();
        click("Fire with Snoot");
        assertThat(page.getByTestId("wall-plot")).isVisible();
        assertThat(page.getByText("a frame with nothing on the source")).isVisible();
        click("Fire all that are left");
        assertThat(page.getByText("2 of 2 shapers fired")).isVisible();
        EveryoneTest.noViolations(page, "wall test");
        click("Use in the kit (1 shaper)");
        assertThat(page.getByText("The kit has it")).isVisible();
        // changes are saved by themselves
        page.waitForCondition(() -> kit().contains("calibrated"));
        click("Take it back");
        page.waitForCondition(() -> !kit().contains("calibrated"));
        click("Begin anew");
        assertThat(page.getByRole(AriaRole.BUTTON, named("Begin with 7 shapers")))
                .isVisible();
    }
}
