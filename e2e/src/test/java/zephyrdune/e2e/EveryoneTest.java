package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;

/** WCAG 2.2 AA by axe, and every control by keyboard alone. */
public class EveryoneTest extends Browsing {

    private void noViolations(String where) {
        noViolations(page, where);
    }

    static void noViolations(Page page, String where) {
        List<Rule> found = new AxeBuilder(page)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze()
                .getViolations();
        List<String> grave = found.stream()
                .filter(rule ->
                        rule.getImpact().equals("serious") || rule.getImpact().equals("critical"))
                .map(rule -> rule.getId() + ": " + rule.getNodes())
                .toList();
        assertThat(grave).as(where).isEmpty();
    }

    /** Of an older answer. */
    private static final String OLDER_OPACITY = "0.9";

    @Test
    public void axeFindsNothingGrave() {
        open("Smoked mussel chowder");
        noViolations("working view, dark");
        page.getByTestId("reading-BACKDROP_TONE").click();
        noViolations("a reading's explanation");
        page.keyboard().press("Escape");
        type("light.heightAngleDegrees", "2");
        assertThat(page.getByTestId("impossible")).isVisible();
        noViolations("an impossible set");
        click("Take back");
        click("Light theme");
        noViolations("working view, light");
        for (String tab : new String[] {"Source", "Power", "Hero"}) {
            tab(tab);
            noViolations("tab " + tab);
        }
        for (String tab : new String[] {"Chain", "Shaper", "Ambient"}) {
            tab(tab);
            noViolations("tab " + tab);
        }
        page.keyboard().press("f");
        noViolations("test frames, none");
        page.getByTestId("frame-file").setInputFiles(PhotographTest.photograph());
        assertThat(page.getByTestId("frame-next")).isVisible();
        noViolations("a test frame");
        click("Lay it on the picture");
        assertThat(page.getByTestId("laid-frame")).isVisible();
        noViolations("a frame laid on the picture");
        click("Stop comparing");
        page.keyboard().press("f");
        click("Delete Harbour table.png");
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, named("Kit")).click();
        tab("Shapers");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change Softbox 60 × 60, two baffles"))
                .click();
        noViolations("kit");
        page.keyboard().press("Escape");
        tab("Chain");
        click("Compare shapers");
        noViolations("shapers compared");
        page.keyboard().press("Escape");
        click("All readings");
        noViolations("all readings");
        page.keyboard().press("Escape");
        page.keyboard().press("?");
        noViolations("keys");
        click("Show me round");
        assertThat(page.getByTestId("tour")).isVisible();
        noViolations("tour");
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        noViolations("find an action");
        page.keyboard().press("Escape");
        click("Sets");
        assertThat(page.getByLabel("Saved sets")).isVisible();
        noViolations("sets");
        page.keyboard().press("Escape");
        page.setViewportSize(390, 844);
        noViolations("phone");
        page.navigate(address() + "#/");
        page.reload();
        assertThat(page.getByText("The table is empty")).isVisible();
        noViolations("empty table");
        page.navigate(address() + "#/stand/" + idOf("Smoked mussel chowder"));
        assertThat(page.getByTestId("stand-count")).isVisible();
        noViolations("at the stand");
    }

    /** Answers that do not come: what is on the screen is marked as older, and can be read in both themes. */
    @Test
    public void olderAnswersAreReadable() {
        open("Smoked mussel chowder");
        page.route("**/api/{readings,findings}*", route -> {});
        type("light.clockHours", "9:00");
        assertThat(region("Readings")).hasAttribute("aria-busy", "true");
        assertThat(page.getByTestId("findings")).hasCSS("opacity", OLDER_OPACITY);
        noViolations("older readings, dark");
        click("Light theme");
        noViolations("older readings, light");
        page.navigate(address() + "#/shoots");
        page.getByText("Winter menu").first().click();
        assertThat(page.getByTestId("sheet-sum")).containsText("6 dishes");
        page.route("**/api/run-sheets", route -> {});
        page.getByRole(AriaRole.BUTTON, named("Later")).first().click();
        assertThat(page.getByTestId("sheet-sum")).containsText("working it out anew");
        assertThat(region("Run sheet")).hasCSS("opacity", OLDER_OPACITY);
        noViolations("older run sheet, light");
    }

    private Locator region(String name) {
        return page.getByRole(AriaRole.REGION, named(name).setExact(true));
    }

    @Test
    public void phoneAndTabletDoNotScrollSideways() {
        open("Smoked mussel chowder");
        for (int width : new int[] {390, 820}) {
            page.setViewportSize(width, 900);
            page.waitForTimeout(300);
            assertThat(page.evaluate("() => document.scrollingElement.scrollWidth - innerWidth"))
                    .as("overflow at %d", width)
                    .isEqualTo(0);
        }
    }

    @Test
    public void everyControlIsReachedByTab() {
        open("Smoked mussel chowder");
        type("light.clockHours", "9:00"); // so that undo and save are there
        page.evaluate("() => document.activeElement.blur()");
        Set<Object> reached = new LinkedHashSet<>();
        String describe =
                "() => { const e = document.activeElement; return e.dataset.testid ?? e.getAttribute('aria-label') ?? e.textContent; }";
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            reached.add(page.evaluate(describe));
        }
        assertThat(reached)
                .contains(
                        "Undo",
                        "Download as a file",
                        "Show inches",
                        "Light theme",
                        "reading-EDGE_SHOWN",
                        "reading-DEPTH_OF_FIELD",
                        "handle-floor",
                        "handle-rise",
                        "light.clockHours",
                        "light.aim.zMetres");
        assertThat(reached.stream().map(String::valueOf).map(String::strip))
                .contains("Sets", "Save", "Place", "All readings");
    }

    @Test
    public void fromSetsToSavedByKeyboardAlone() {
        open("Smoked mussel chowder");
        focusByTab(page, "Sets");
        page.keyboard().press("Enter");
        focusByTab(page, "New set");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, named("New set"))).isVisible();
        focusByTab(page, "Put it on the table");
        page.keyboard().press("Enter");
        waitForReadings("New set");
        focusByTab(page, "Place");
        for (String next : new String[] {"Chain", "Shaper", "Source", "Power"}) {
            page.keyboard().press("ArrowRight");
            // the next tab takes the focus a moment after the key
            assertThat(tabNamed(next)).isFocused();
        }
        page.keyboard().press("Shift+Tab");
        for (String next : new String[] {"Room", "Dish"}) {
            page.keyboard().press("ArrowLeft");
            assertThat(tabNamed(next)).isFocused();
        }
        page.keyboard().press("Tab");
        assertThat(field("dish.kind")).isVisible();
        page.keyboard().press("Tab");
        page.keyboard().press("Tab");
        page.keyboard().type("bowl");
        assertThat(field("dish.kind")).hasValue("bowl");
        page.keyboard().press("Control+s");
        assertThat(page.getByTestId("save-state")).hasText("saved");
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("save-state")).hasText("not saved yet");
    }

    private static void focusByTab(Page page, String text) {
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            Object found = page.evaluate("() => document.activeElement.textContent.trim()");
            if (text.equals(found)) {
                return;
            }
        }
        throw new AssertionError("\"" + text + "\" was not reached by Tab");
    }
}
