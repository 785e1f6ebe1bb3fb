package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Cards that cut the light, along the beam. */
public class SlidingTest extends Browsing {

    /** Near the dish and near the light, by pointer and by key; the set from above shows the way. */
    @Test
    public void aFlagSlidesAlongTheBeam() {
        open("Smoked mussel chowder");
        tab("Cards and flags");
        add("Flag");
        Locator thumb =
                page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(Pattern.compile("along the beam")));
        double before = Double.parseDouble(thumb.getAttribute("aria-valuenow"));
        assertThat(page.getByTestId("card-beam-floor-0")).isVisible();
        thumb.scrollIntoViewIfNeeded();
        double[] atFirst = middle(thumb);
        assertThat(page.getByTestId("card-fill")).containsText("Shadow side");
        assertThat(middle(thumb))
                .as("what the card does is told without moving what a hand reaches for")
                .isEqualTo(atFirst);
        BoundingBox rail = page.getByTestId("card-slide").boundingBox();
        double[] from = middle(thumb);
        drag(from, new double[] {rail.x + rail.width - 5, from[1]});
        settled();
        double far = Double.parseDouble(thumb.getAttribute("aria-valuenow"));
        assertThat(far).isGreaterThan(before + 0.1);
        double turned = number("cards.0.turnDegrees");
        thumb.focus();
        page.keyboard().press("Shift+ArrowLeft");
        settled();
        assertThat(Double.parseDouble(thumb.getAttribute("aria-valuenow"))).isCloseTo(far - 0.05, within(0.006));
        assertThat(number("cards.0.turnDegrees")).as("it faces as before").isCloseTo(turned, within(0.2));
        click("Opposite the light");
        assertThat(page.getByTestId("card-slide")).hasCount(0);
    }
}
