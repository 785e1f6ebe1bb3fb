package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The demo shoot at Lantern Wharf Canteen: planned, rehearsed with a made clock, changed and replanned. */
public class ShootTest extends Browsing {

    private static final String DEMO = "Winter menu";

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator tell(Page page, String what) {
        return page.getByTestId("tell-" + what);
    }

    private Page opened(BrowserContext context) {
        Page shoot = newPage(context);
        shoot.navigate(address() + "#/shoots");
        shoot.getByText(DEMO).first().click();
        assertThat(shoot.getByTestId("sheet-sum")).containsText("6 dishes");
        return shoot;
    }

    private static List<String> order(Page page) {
        return page.locator("[data-testid^=row-][data-testid]:not([data-testid=row-starts])").all().stream()
                .map(row -> row.getAttribute("data-testid").replace("row-", ""))
                .filter(key -> !key.equals("steps"))
                .toList();
    }

    /** Minutes of the day at which the first dish left begins. */
    private static int firstStarts(Page page) {
        String[] time = page.getByTestId("row-starts").first().textContent().split(":");
        return Integer.parseInt(time[0]) * 60 + Integer.parseInt(time[1]);
    }

    /** The first dish as planned, then a slip of twelve minutes: one press puts the rest off, and says what cannot be met any longer. */
    @Test
    public void aSlipIsReplanned() {
        try (BrowserContext context = newContext(1280, 800)) {
            Page shoot = opened(context);
            String first = order(shoot).get(0);
            shoot.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("On set"))
                    .click();
            shoot.getByTestId("rehearse").click();
            assertThat(shoot.getByTestId("set-clock")).hasText("13:00");
            int planned = firstStarts(shoot);
            tell(shoot, "cooking").click();
            assertThat(shoot.getByTestId("next-dish")).containsText("in the kitchen");
            tell(shoot, "stands").click();
            assertThat(shoot.getByTestId("next-dish")).containsText("Its set stands");
            tell(shoot, "on-table").click();
            assertThat(shoot.getByTestId("on-table")).containsText("Looks good for");
            assertThat(shoot.getByTestId("kept")).containsText("kept");
            assertThat(shoot.getByTestId("row-" + first)).isHidden();
            tell(shoot, "done").click();
            assertThat(shoot.getByText("1 of 6 done")).isVisible();
            // what was early stays early; then twelve minutes more than the sheet has
            int early = firstStarts(shoot);
            assertThat(early).isLessThan(planned + 60);
            for (int i = 0; i < 12 + early - 13 * 60; i += 5) {
                button(shoot, "+5 min").click();
            }
            assertThat(shoot.getByTestId("late")).containsText("min behind the sheet");
            button(shoot, "Replan from now").click();
            assertThat(shoot.getByTestId("late")).isHidden();
            shoot.waitForCondition(() -> firstStarts(shoot) > early + 12);
            button(shoot, "Again").last().click();
            assertThat(shoot.getByText("0 of 6 done")).isVisible();
            button(shoot, "Take the last one back").click();
            assertThat(shoot.getByText("1 of 6 done")).isVisible();
            EveryoneTest.noViolations(shoot, "shoot");
            button(shoot, "End it").click();
            assertThat(shoot.getByText("0 of 6 done")).isVisible();
        }
    }

    /** By keyboard: a dish is put earlier and stays there, what is moved for it is opened, and Ctrl+Z takes it back. */
    @Test
    public void aHandMovesADish() {
        try (BrowserContext context = newContext(1280, 800)) {
            Page shoot = opened(context);
            List<String> before = order(shoot);
            Locator third = shoot.getByTestId("row-" + before.get(2));
            third.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Earlier"))
                    .focus();
            shoot.keyboard().press("Enter");
            shoot.waitForCondition(() -> order(shoot).get(1).equals(before.get(2)));
            assertThat(shoot.getByTestId("row-" + before.get(2))).containsText("Put there by hand");
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
            third.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("What is moved"))
                    .focus();
            shoot.keyboard().press("Enter");
            assertThat(third.getByTestId("row-steps")).containsText("the kitchen begins at");
            shoot.keyboard().press("Control+z");
            shoot.waitForCondition(() -> order(shoot).equals(before));
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
            EveryoneTest.noViolations(shoot, "shoot");
        }
    }

    /** Dusk by the window of the demo: the room's light falls; with a clear sky and the window towards it, the sun comes in and is spoken of. */
    @Test
    public void theRoomsLightIsOnTheSheet() {
        try (BrowserContext context = newContext(1280, 800)) {
            Page shoot = opened(context);
            Locator lane = shoot.getByTestId("room-lane");
            assertThat(lane).containsText(Pattern.compile("about \\d+ lx at 13:00, (about|dark|[\\d.]+ lx)"));
            shoot.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Day"))
                    .click();
            Locator measured = shoot.getByTestId("daylight.measured.illuminanceLux");
            measured.fill("600");
            measured.press("Enter");
            assertThat(lane).containsText("about 600 lx at 13:00");
            assertThat(shoot.getByTestId("unmet")).containsText("too bright to stay out of the picture of");
            EveryoneTest.noViolations(shoot, "daylight of a shoot");
            button(shoot, "As a file").click();
            Download table = shoot.waitForDownload(
                    () -> button(shoot, "Run sheet, a table (.csv)").click());
            assertThat(table.suggestedFilename()).startsWith("run-sheet-").endsWith(".csv");
            shoot.getByTestId("daylight.kind").selectOption("no-daylight");
            assertThat(lane).isHidden();
            shoot.keyboard().press("Control+z");
            shoot.keyboard().press("Control+z");
            assertThat(lane).containsText(Pattern.compile("about 1\\d0 lx at 13:00"));
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
        }
    }

    /** While it runs another dish takes the next turn. */
    @Test
    public void anotherDishComesFirst() {
        try (BrowserContext context = newContext(390, 844)) {
            Page shoot = opened(context);
            String third = order(shoot).get(2);
            String name =
                    shoot.getByTestId("dish-" + third).locator("span").first().textContent();
            shoot.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("On set"))
                    .click();
            shoot.getByTestId("rehearse").click();
            assertThat(shoot.getByTestId("next-dish")).not().containsText(name);
            button(shoot, "Another one first").click();
            shoot.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(name).setExact(true))
                    .click();
            assertThat(shoot.getByTestId("next-dish")).containsText(name);
            shoot.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Dishes"))
                    .click();
            button(shoot, "Undo").click();
            shoot.waitForCondition(() -> order(shoot).get(2).equals(third));
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
        }
    }

    /** A shoot from nothing: the kitchen's list, a dish that does not hold, mended by its button; all of it there after a reload. */
    @Test
    public void aPastedListIsOrderedAndKept() {
        try (BrowserContext context = newContext(390, 844)) {
            Page shoot = newPage(context);
            shoot.navigate(address() + "#/shoots");
            button(shoot, "New shoot").click();
            button(shoot, "Paste a list").click();
            shoot.getByTestId("pasted").fill("Smoked mussel chowder, 2 min, skins\n=Bread\nTea \"of the house\"");
            button(shoot, "Take them in").click();
            assertThat(shoot.getByTestId("sheet-sum")).containsText("3 dishes");
            assertThat(shoot.getByTestId("unmet")).containsText("“Smoked mussel chowder” holds 2 min");
            button(shoot, "Made again").click();
            assertThat(shoot.getByTestId("unmet").getByRole(AriaRole.ALERT)).hasCount(0);
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
            shoot.getByTestId("dish-tea-of-the-house").click();
            Locator holds = shoot.getByTestId("dishes.2.holdsMinutes");
            holds.fill("0");
            holds.press("Enter");
            assertThat(shoot.getByText("Must be 1 to 1440 min")).isVisible();
            holds.fill("45 min");
            holds.press("Enter");
            assertThat(shoot.getByTestId("shoot-saved")).hasText("saved");
            EveryoneTest.noViolations(shoot, "shoot");
            assertThat((boolean) shoot.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
            shoot.reload();
            assertThat(shoot.getByTestId("dish-tea-of-the-house")).containsText("holds 45 min");
            shoot.getByText("Shoots").click();
            assertThat(shoot.getByText("New shoot").nth(1)).isVisible();
            button(shoot, "Delete it").first().click();
            button(shoot, "Undo").click();
            assertThat(shoot.getByText(Pattern.compile("Client · .* · 3 dishes")))
                    .isVisible();
            button(shoot, "Delete it").first().click();
            assertThat(shoot.getByText(Pattern.compile("Client · .* · 3 dishes")))
                    .isHidden();
        }
    }

    /** What is told on set without a network is kept, and sent when it is back; another page hears of it. */
    @Test
    public void whatIsToldOfflineIsSentLater() {
        try (BrowserContext one = newContext(390, 844);
                BrowserContext other = newContext(1280, 800)) {
            Page phone = opened(one);
            phone.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("On set"))
                    .click();
            assertThat(tell(phone, "cooking")).isVisible();
            one.setOffline(true);
            tell(phone, "cooking").click();
            assertThat(phone.getByText("No connection since")).isVisible();
            one.setOffline(false);
            assertThat(phone.getByText("No connection since")).isHidden();
            Page desk = opened(other);
            desk.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("On set"))
                    .click();
            assertThat(desk.getByTestId("next-dish")).containsText("in the kitchen");
            button(desk, "Take the last one back").click();
            assertThat(tell(desk, "cooking")).isVisible();
        }
    }
}
