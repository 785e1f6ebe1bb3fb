package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** At the stand, on a phone: the set is built up by what the page says alone. */
public class StandTest extends Browsing {

    private static final String CHOWDER = "Smoked mussel chowder";

    private Locator line(Page phone, String line) {
        return phone.getByTestId("stand-" + line);
    }

    private double shown(Page phone, String line) {
        Matcher number = Pattern.compile("-?[0-9]+(\\.[0-9]+)?")
                .matcher(line(phone, line)
                        .getByTestId("stand-value")
                        .textContent()
                        .replace('−', '-'));
        assertThat(number.find()).as(line).isTrue();
        return Double.parseDouble(number.group());
    }

    /** Radians clockwise from twelve. */
    private double clock(Page phone, String line) {
        String[] time =
                line(phone, line).getByTestId("stand-value").textContent().split(":");
        return (Integer.parseInt(time[0]) % 12 + Integer.parseInt(time[1]) / 60.0) * Math.PI / 6;
    }

    private Page atTheStand(BrowserContext context) {
        Page phone = newPage(context);
        phone.navigate(address() + "#/stand/" + idOf(CHOWDER));
        assertThat(phone.getByTestId("stand-count")).isVisible();
        return phone;
    }

    /** By what the page says, and nothing else, the light stands within 5 mm of where the set has it, and looks within half a degree of where it should. */
    @Test
    public void theLightIsPutUpByWhatThePageSays() {
        try (BrowserContext context = touched()) {
            Page phone = atTheStand(context);
            double along = shown(phone, "LIGHT-1-ALONG") / 100;
            double clock = clock(phone, "LIGHT-1-CLOCK");
            double up = shown(phone, "LIGHT-1-MIDDLE_UP") / 100;
            double tilt = Math.toRadians(shown(phone, "LIGHT-1-TILT"));
            String set = asked("GET", "api/sets/" + idOf(CHOWDER));
            double distance = number(set, "distanceMetres");
            double height = Math.toRadians(number(set, "heightAngleDegrees"));
            double round = number(set, "clockHours") * Math.PI / 6;
            double[] there = {
                distance * Math.cos(height) * Math.sin(round),
                distance * Math.cos(height) * Math.cos(round),
                distance * Math.sin(height)
            };
            double off = Math.hypot(
                    Math.hypot(along * Math.sin(clock) - there[0], along * Math.cos(clock) - there[1]), up - there[2]);
            assertThat(off).isLessThan(0.005);
            assertThat(Math.toDegrees(tilt)).isCloseTo(Math.toDegrees(height), within(0.5));
            assertThat(Math.toDegrees(clock(phone, "LIGHT-1-FACING")))
                    .isCloseTo(Math.toDegrees(round + Math.PI) % 360, within(0.5));
            assertThat((boolean) phone.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                    .isTrue();
        }
    }

    private static double number(String set, String field) {
        Matcher found = Pattern.compile("\"light\":\\{.*?\"" + field + "\":(-?[0-9.eE-]+)", Pattern.DOTALL)
                .matcher(set);
        assertThat(found.find()).as(field).isTrue();
        return Double.parseDouble(found.group(1));
    }

    /** What is ticked stays ticked, without the network too, and is there on another phone; what was changed since says by how much. */
    @Test
    public void ticksAreKeptAndSentLater() {
        try (BrowserContext one = touched();
                BrowserContext other = touched()) {
            Page phone = atTheStand(one);
            Locator up = line(phone, "LIGHT-1-MIDDLE_UP");
            up.click();
            assertThat(up.getByRole(AriaRole.CHECKBOX)).isChecked();
            one.setOffline(true);
            Locator tilt = line(phone, "LIGHT-1-TILT");
            tilt.getByRole(AriaRole.CHECKBOX).focus();
            phone.keyboard().press("Space");
            assertThat(tilt.getByRole(AriaRole.CHECKBOX)).isChecked();
            assertThat(phone.getByTestId("stand-lost")).containsText("1 so far");
            one.setOffline(false);
            assertThat(phone.getByTestId("stand-lost")).isHidden();
            Page second = atTheStand(other);
            assertThat(line(second, "LIGHT-1-TILT").getByRole(AriaRole.CHECKBOX))
                    .isChecked();
            assertThat(second.getByTestId("stand-count")).hasText(Pattern.compile("^2 of \\d+$"));
            line(second, "LIGHT-1-TILT").click();
            assertThat(tilt.getByRole(AriaRole.CHECKBOX)).not().isChecked();
            // the light is raised at the desk: what stands is told by how much it is too low
            open(CHOWDER);
            tab("Place");
            double before = number("light.heightAngleDegrees");
            type("light.heightAngleDegrees", String.valueOf(before + 10));
            page.keyboard().press("Control+s");
            assertThat(up).containsText("higher; it stands at");
            type("light.heightAngleDegrees", String.valueOf(before));
            page.keyboard().press("Control+s");
            assertThat(up.getByRole(AriaRole.CHECKBOX)).isChecked();
            up.click();
            assertThat(up.getByRole(AriaRole.CHECKBOX)).not().isChecked();
            assertThat(phone.getByTestId("stand-count")).hasText(Pattern.compile("^0 of \\d+$"));
        }
    }
}
