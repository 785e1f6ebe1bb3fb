package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Server and database are killed while someone works: nothing that was saved is lost, and nothing that was not. */
public class LossTest extends Browsing {

    private Path data;
    private StartedApplication own;

    @BeforeMethod
    public void startApart() {
        data = StartedApplication.newData();
        own = StartedApplication.start(data);
        page.navigate(own.address());
        waitForReadings("Smoked mussel chowder");
    }

    @AfterMethod(alwaysRun = true)
    public void stopApart() {
        own.close();
        StartedApplication.delete(data);
    }

    @Test
    public void killedAndStartedAgain() {
        type("light.distanceMetres", "123");
        click("Save");
        assertThat(page.getByTestId("save-state")).hasText("saved");
        type("light.clockHours", "4:45");

        String port = own.port();
        own.killEverything();

        double[] from = middle(page.getByTestId("handle-floor"));
        drag(from, new double[] {from[0] + 30, from[1] - 20});
        assertThat(page.getByTestId("server-away")).isVisible();
        String unsaved = field("light.clockHours").inputValue();
        assertThat(unsaved).isNotEqualTo("4:45");
        click("Save");
        assertThat(page.getByText("Your work is kept in this browser; try again in a moment")
                        .first())
                .isVisible();

        own = StartedApplication.start(data, "--port", port);
        assertThat(page.getByTestId("server-away"))
                .isHidden(new LocatorAssertions.IsHiddenOptions().setTimeout(20_000));
        waitForFine();
        assertThat(field("light.clockHours")).hasValue(unsaved);
        page.reload();
        assertThat(field("light.clockHours")).hasValue(unsaved);
        while (page.getByRole(AriaRole.BUTTON, named("Undo")).isEnabled()) {
            click("Undo");
        }
        // what waits to be written is, before all of it is cleared away
        page.evaluate("() => { dispatchEvent(new Event('pagehide')); localStorage.clear(); sessionStorage.clear(); }");
        page.reload();
        assertThat(field("light.distanceMetres")).hasValue("123");
        assertThat(page.getByTestId("save-state")).hasText("saved");
    }

    @Test
    public void theCommandEndsWithAWordWhenTheDatabaseDies() {
        own.database().destroyForcibly();
        assertThat(own.waitForEnd()).isEqualTo(1);
        assertThat(String.join("\n", own.said())).contains("ended unexpectedly").contains("Start again");
        own = StartedApplication.start(data);
        page.navigate(own.address());
        assertThat(page.locator("h1")).containsText("Smoked mussel chowder");
    }

    /** A server that is killed may have been about to answer. */
    @Override
    boolean expected(String complaint) {
        return complaint.startsWith("WebSocket connection to")
                && complaint.endsWith("Connection closed before receiving a handshake response");
    }
}
