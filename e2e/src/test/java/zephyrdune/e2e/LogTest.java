package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The log: a take is found again, noted, and rebuilt from another set; a shoot comes back from its archive. */
public class LogTest extends Browsing {

    private static final String SPRATS = "Peppered sprats in a tin";

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private void keepATake() {
        open(SPRATS);
        waitForFine();
        page.keyboard().press("t");
        page.waitForCondition(
                () -> asked("GET", "api/sets/" + idOf(SPRATS) + "/takes").contains("\"FINE\""));
    }

    @Test
    public void aTakeIsFoundNotedAndRebuilt() {
        keepATake();
        try (BrowserContext context = newContext(1280, 800)) {
            Page log = newPage(context);
            log.navigate(address() + "#/log");
            log.getByLabel("Words").fill("sprats wharf");
            Locator tile = log.locator("[data-testid^=record-]").first();
            assertThat(tile).containsText(SPRATS);
            tile.focus();
            log.keyboard().press("Enter");
            assertThat(log.getByTestId("record")).containsText("Lantern Wharf Canteen");
            assertThat(log.getByTestId("record")).containsText("Shadow depth");
            button(log, "4 of 5").click();
            log.getByLabel("Notes").fill("lid to the light, as last winter");
            log.getByLabel("Notes").blur();
            log.getByLabel("Words").fill("last winter");
            assertThat(log.getByTestId("log-sum")).containsText("1 record");
            assertThat(tile).containsText("★★★★");
            button(log, "Rebuild it").click();
            assertThat(log.getByTestId("rebuild")).containsText("Nothing has to be moved");
            log.getByTestId("rebuild").getByRole(AriaRole.COMBOBOX).selectOption("Smoked mussel chowder");
            assertThat(log.getByTestId("rebuild")).containsText("Move the light");
            EveryoneTest.noViolations(log, "log");
            log.getByLabel("Words").fill("no such dish at all");
            assertThat(log.getByText("Nothing in the log is like that")).isVisible();
            log.setViewportSize(390, 844);
            EveryoneTest.noViolations(log, "log on a phone");
            assertThat((boolean) log.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
        }
    }

    @Test
    public void aShootComesBackFromItsArchive() {
        try (BrowserContext context = newContext(1280, 800)) {
            Page shoot = newPage(context);
            shoot.navigate(address() + "#/shoots");
            shoot.getByText("Winter menu").first().click();
            assertThat(shoot.getByTestId("sheet-sum")).containsText("6 dishes");
            String plan = shoot.getByTestId("sheet-sum").textContent();
            button(shoot, "As a file").click();
            Path archive = shoot.waitForDownload(
                            () -> button(shoot, "The whole shoot (.zip)").click())
                    .path();
            shoot.navigate("about:blank");
            shoot.navigate(address() + "#/shoots");
            shoot.getByTestId("shoot-archive").setInputFiles(archive);
            assertThat(shoot.getByTestId("sheet-sum")).hasText(plan);
            String id = shoot.url().replaceAll(".*/", "");
            shoot.getByText("Shoots").click();
            assertThat(shoot.getByText("Winter menu")).hasCount(2);
            deleteWithItsSets(id);
        }
    }

    /** So that other tests find one set of a title. */
    private static void deleteWithItsSets(String shoot) {
        Matcher set =
                Pattern.compile("\"kept-set\",\"id\":\"([0-9a-f-]{36})\"").matcher(asked("GET", "api/shoots/" + shoot));
        int sets = 0;
        while (set.find()) {
            asked("DELETE", "api/sets/" + set.group(1) + "?version=1");
            sets++;
        }
        assertThat(sets).isEqualTo(6);
        asked("DELETE", "api/shoots/" + shoot + "?version=1");
    }
}
