package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Looks and the next moves by the screens. */
public class LooksTest extends Browsing {

    private void choose(String look) {
        click("Looks");
        page.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^" + look)))
                .first()
                .click();
    }

    /** From a light by the camera to the look: each move is tried on the spot, and the first can be taken back. */
    @Test
    public void nextMovesBringASetNearerToItsLook() {
        open("Smoked mussel chowder");
        type("light.clockHours", "4:45");
        settled();
        choose("Open window");
        assertThat(page.getByRole(AriaRole.REGION, named("Bands of the look"))).containsText("too far in front");
        page.keyboard().press("Escape");
        Locator advice = page.getByTestId("findings");
        assertThat(advice).containsText("Nearer to the look");
        String before = advice.textContent();
        advice.getByRole(AriaRole.BUTTON).first().click();
        settled();
        assertThat(page.getByRole(AriaRole.BUTTON, named("Take it back"))).isVisible();
        assertThat(advice).not().hasText(before);
        click("Take it back");
        assertThat(field("light.clockHours")).hasValue("4:45");
        assertThat(advice).hasText(before);
        click("Undo");
        click("Undo");
        settled();
    }

    /** Bands are typed; one upside down is refused with its reason, and put right again nothing is lost. */
    @Test
    public void bandsAreChangedByKeyboard() {
        open("Rye crispbread tower");
        choose("Dark and moody");
        type("look.bands.1.fromDegrees", "80");
        Locator bands = page.getByRole(AriaRole.REGION, named("Bands of the look"));
        assertThat(bands.getByRole(AriaRole.ALERT)).containsText("ends before it begins");
        type("look.bands.1.fromDegrees", "10");
        assertThat(bands.getByRole(AriaRole.ALERT)).hasCount(0);
        field("look.bands.1.fromDegrees").press("ArrowUp");
        assertThat(field("look.bands.1.fromDegrees")).hasValue("11");
        click("Keep among your looks");
        assertThat(page.getByRole(AriaRole.REGION, named("Your looks"))).containsText("Dark and moody");
        click("Remove Dark and moody");
        assertThat(page.getByRole(AriaRole.REGION, named("Your looks"))).hasCount(0);
        page.keyboard().press("Escape");
    }

    @Test
    public void aLookOfTheSetOnTheTable() {
        open("Pear and almond tart");
        click("Looks");
        page.getByLabel("Name of a look of your own").fill("Tart from above");
        click("Make it of this set");
        assertThat(page.getByRole(AriaRole.REGION, named("Your looks"))).containsText("Tart from above");
        assertThat(page.getByRole(AriaRole.REGION, named("Bands of the look")))
                .not()
                .containsText(Pattern.compile("too (low|high|hard|soft|deep|open)"));
        click("Remove Tart from above");
        // it is gone when that is saved: what leaves the page before would take the change with it
        assertThat(page.getByRole(AriaRole.REGION, named("Your looks"))).hasCount(0);
        page.keyboard().press("Escape");
    }

    /** A search goes on while the sheet is closed and the page loaded anew; what it finds is put on the table and taken back. */
    @Test
    public void placementsAreFoundAndTried() {
        open("Black-sesame panna cotta");
        choose("Graphic hard sun");
        click("Find placements");
        assertThat(page.getByRole(AriaRole.BUTTON, named("Stop"))).isVisible();
        page.keyboard().press("Escape");
        page.reload();
        waitForReadings("Black-sesame panna cotta");
        click("Looks");
        Locator found = page.getByRole(AriaRole.REGION, named("Placements"));
        assertThat(found.getByTestId("search-state"))
                .containsText("Done", new LocatorAssertions.ContainsTextOptions().setTimeout(120_000));
        String clock = field("light.clockHours").inputValue();
        found.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Try it"))
                .first()
                .click();
        assertThat(field("light.clockHours")).not().hasValue(clock);
        click("Take it back");
        assertThat(field("light.clockHours")).hasValue(clock);
    }
}
