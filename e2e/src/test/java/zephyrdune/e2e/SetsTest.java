package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class SetsTest extends Browsing {

    private static final String TITLE = "New set";

    @BeforeMethod
    public void startANewSet() {
        page.navigate(address());
        click("Sets");
        click("New set");
        click("Put it on the table");
        // another test's set of this title may have been on the table before
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        waitForReadings(TITLE);
    }

    private Locator rows(String title) {
        return page.getByLabel("Saved sets").getByText(title, new Locator.GetByTextOptions().setExact(true));
    }

    private void rename(String from, String to) {
        click("Sets");
        page.getByLabel("Rename " + from).first().click();
        page.getByLabel("New title of " + from).fill(to);
        page.keyboard().press("Enter");
        assertThat(rows(to)).isVisible();
        page.keyboard().press("Escape");
    }

    @Test
    public void savedClosedAndFoundAgain() {
        rename(TITLE, "Kept");
        type("light.clockHours", "3:15");
        click("Save");
        assertThat(page.getByTestId("save-state")).hasText("saved");
        try (BrowserContext another = newContext(1280, 800)) {
            Page later = newPage(another);
            later.navigate(address());
            assertThat(later.locator("h1")).containsText("Kept");
            assertThat(later.getByTestId("light.clockHours")).hasValue("3:15");
        }
    }

    @Test
    public void duplicateRenameDeleteAndBringBack() {
        rename(TITLE, "Original");
        click("Sets");
        page.getByLabel("Duplicate Original").click();
        assertThat(rows("Original (copy)")).isVisible();
        page.getByLabel("Delete Original (copy)").click();
        assertThat(rows("Original (copy)")).isHidden();
        click("Bring back");
        assertThat(rows("Original (copy)")).isVisible();
    }

    @Test
    public void deletedSetsAreListedAndBroughtBack() {
        rename(TITLE, "Thrown away");
        click("Sets");
        page.getByLabel("Delete Thrown away").click();
        assertThat(rows("Thrown away")).isHidden();
        page.reload();
        click("Sets");
        assertThat(rows("Thrown away")).isHidden();
        page.getByText("Deleted (").focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.BUTTON, named("Bring back Thrown away")).click();
        assertThat(rows("Thrown away")).isVisible();
    }

    /** A page from another address, open in the same browser, can neither read nor change nor make it work. */
    @Test
    public void pagesFromElsewhereGetNothing() throws IOException {
        HttpServer elsewhere = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        elsewhere.createContext("/", exchange -> {
            exchange.getResponseHeaders().add("content-type", "text/html");
            byte[] html = "<!doctype html><title>Elsewhere</title>".getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(200, html.length);
            exchange.getResponseBody().write(html);
            exchange.close();
        });
        elsewhere.start();
        try (BrowserContext context = newContext(800, 600)) {
            Page page = context.newPage();
            for (String host : List.of("127.0.0.1", "localhost")) {
                page.navigate("http://" + host + ":" + elsewhere.getAddress().getPort() + "/");
                Object outcome = page.evaluate("""
                        async (address) => {
                          const tried = [];
                          const ask = async (name, init) => {
                            try {
                              const answer = await fetch(address + name, init);
                              tried.push(answer.type === "opaque" ? "opaque" : String(answer.status));
                            } catch { tried.push("none"); }
                          };
                          const id = "00000000-0000-0000-0000-000000000000";
                          await ask("api/sets");
                          await ask("api/sets", { mode: "no-cors", credentials: "include" });
                          await ask(`api/sets/${id}/copies`, { method: "POST", mode: "no-cors" });
                          await ask("api/findings", { method: "POST", mode: "no-cors", body: "{}" });
                          const socket = new WebSocket(address.replace("http", "ws") + "api/pictures");
                          await new Promise((done) => {
                            socket.onopen = () => { tried.push("open"); done(); };
                            socket.onerror = () => { tried.push("shut"); done(); };
                          });
                          return tried.join(" ");
                        }
                        """, address());
                // what is opaque was answered 403, which the page may not even see
                org.assertj.core.api.Assertions.assertThat((String) outcome)
                        .matches("none (opaque|none) (opaque|none) (opaque|none) shut");
            }
        } finally {
            elsewhere.stop(0);
        }
    }

    @Test
    public void deletingTheOpenSetLeavesAnEmptyTable() {
        rename(TITLE, "Short-lived");
        click("Sets");
        page.getByLabel("Delete Short-lived").click();
        page.keyboard().press("Escape");
        assertThat(page.getByText("The table is empty")).isVisible();
        click("Bring back");
        assertThat(page.locator("h1")).containsText("Short-lived");
    }

    @Test
    public void aSetGoesOutAsAFileAndComesBack() throws IOException {
        rename(TITLE, "Travelling");
        type("light.distanceMetres", "77");
        Download download = page.waitForDownload(() -> click("Download as a file"));
        assertThat(download.suggestedFilename()).isEqualTo("Travelling.json");
        String text = Files.readString(download.path());
        assertThat(text).contains("\"format\": \"zephyrdune-set\"", "\"distanceMetres\": 0.77");
        click("Sets");
        choose("Travelling.json", text.replace("Travelling", "Came back"));
        assertThat(page.locator("h1")).containsText("Came back");
        assertThat(field("light.distanceMetres")).hasValue("77");
    }

    private void choose(String name, String contents) {
        page.getByLabel("Set file")
                .setInputFiles(new FilePayload(name, "application/json", contents.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    public void aBadFileIsRefusedAndTheSetStaysAsItWas() throws IOException {
        type("light.distanceMetres", "88");
        Download download = page.waitForDownload(() -> click("Download as a file"));
        String good = Files.readString(download.path());
        click("Sets");
        Locator refused = page.getByTestId("refused-file");
        choose("far.json", good.replace("0.88", "25"));
        assertThat(refused).containsText("light.distanceMetres is 25; it must lie between 0.05 and 10 metres");
        choose("later.json", good.replaceFirst("\"version\": \\d+", "\"version\": 99"));
        assertThat(refused).containsText("version that is not known here");
        choose("junk.json", "x".repeat(10_000_000));
        assertThat(refused).containsText("too long to be a set");
        choose("cut.json", good.substring(0, good.length() / 2));
        assertThat(refused).containsText("not readable as JSON");
        page.keyboard().press("Escape");
        assertThat(field("light.distanceMetres")).hasValue("88");
        assertThat(page.getByTestId("save-state")).hasText("not saved yet");
    }

    private Page secondTab(String title) {
        Page second = newPage(context());
        second.navigate(page.url());
        assertThat(second.locator("h1")).containsText(title);
        return second;
    }

    private static void saveAtEight(Page tab) {
        tab.getByTestId("light.clockHours").fill("8:00");
        tab.getByTestId("light.clockHours").press("Enter");
        tab.keyboard().press("Control+s");
    }

    @Test
    public void aSecondTabsOlderCopyIsTold() {
        rename(TITLE, "Shared");
        Page second = secondTab("Shared");

        type("light.clockHours", "1:00");
        click("Save");
        assertThat(page.getByTestId("save-state")).hasText("saved");

        saveAtEight(second);
        assertThat(second.getByText("This set was saved elsewhere")).isVisible();
        second.getByText("Keep mine as a new set").click();
        assertThat(second.locator("h1")).containsText("Shared (mine)");
        assertThat(second.getByTestId("light.clockHours")).hasValue("8:00");

        page.reload();
        assertThat(page.getByTestId("light.clockHours")).hasValue("1:00");
    }

    @Test
    public void aTabWithoutChangesShowsWhatWasSavedElsewhere() {
        rename(TITLE, "Followed");
        Page second = secondTab("Followed");
        saveAtEight(second);
        assertThat(second.getByTestId("save-state")).hasText("saved");
        page.reload();
        assertThat(page.getByTestId("light.clockHours")).hasValue("8:00");
        assertThat(page.getByTestId("save-state")).hasText("saved");
    }

    @Test
    public void theSavedOneCanBeTakenInstead() {
        rename(TITLE, "Taken");
        Page second = secondTab("Taken");
        type("light.clockHours", "1:00");
        click("Save");
        assertThat(page.getByTestId("save-state")).hasText("saved");
        saveAtEight(second);
        second.getByText("Open the saved one").click();
        assertThat(second.getByTestId("light.clockHours")).hasValue("1:00");
        assertThat(second.getByTestId("save-state")).hasText("saved");
    }

    @Test
    public void anAddressWithoutItsSetSaysSo() {
        page.navigate(address() + "#/sets/00000000-0000-0000-0000-000000000000");
        page.reload();
        assertThat(page.getByTestId("notice").getByText("There is no such set")).isVisible();
        assertThat(page.getByText("The table is empty")).isVisible();
    }

    /** What the application is built from, and under which licences, is one click away. */
    @Test
    public void licencesAreShown() {
        click("Sets");
        for (String[] part : new String[][] {{"the page", "react"}, {"the server", "spring-boot"}}) {
            String link = page.getByText(part[0], new Page.GetByTextOptions().setExact(true))
                    .getAttribute("href");
            assertThat(page.request().get(address() + link.substring(1)).text()).contains(part[1]);
        }
    }
}
