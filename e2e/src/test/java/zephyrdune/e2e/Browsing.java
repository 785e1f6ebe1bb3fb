package zephyrdune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ReducedMotion;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterTest;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.BeforeSuite;

/** One application and one browser for all tests of a group; a new, empty profile for each. */
abstract class Browsing {

    /** How long an expectation may take to come true on a slow machine. */
    private static final int PATIENCE_MS = 20_000;

    /** What the tests of one thread share: started when it is first asked for. */
    private static final ThreadLocal<Shared> SHARED = ThreadLocal.withInitial(Shared::new);

    private final List<String> complaints = new ArrayList<>();
    private BrowserContext context;
    Page page;

    private static final class Shared {

        private Playwright playwright;
        private Browser browser;
        private Path data;
        private StartedApplication application;

        Browser browser() {
            if (browser == null) {
                playwright = Playwright.create();
                browser = playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                                .setArgs(List.of(
                                        "--no-sandbox",
                                        "--disable-gpu",
                                        "--disable-quic",
                                        "--no-first-run",
                                        "--disable-background-networking",
                                        "--disable-component-update",
                                        "--disable-sync")));
            }
            return browser;
        }

        StartedApplication application() {
            if (application == null) {
                data = StartedApplication.newData();
                application = StartedApplication.startForLong(data);
            }
            return application;
        }

        void stop() {
            if (browser != null) {
                browser.close();
                playwright.close();
            }
            if (application != null) {
                application.close();
                StartedApplication.delete(data);
            }
        }
    }

    @BeforeSuite
    public static void bePatient() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    @AfterTest(alwaysRun = true)
    public static void stop() {
        SHARED.get().stop();
        SHARED.remove();
    }

    @BeforeMethod
    public void newProfile() {
        complaints.clear();
        context = newContext(1280, 800);
        page = newPage(context);
    }

    @AfterMethod
    public void endProfile() {
        page.navigate("about:blank"); // a page that is left wants no more pictures
        context.close();
        assertThat(complaints).as("errors in the browser's console").isEmpty();
    }

    /** Of somebody who has been here before. */
    static BrowserContext newContext(int width, int height) {
        BrowserContext back = strangersContext(width, height);
        back.addInitScript("try { localStorage.setItem('zephyrdune:tour', 'seen'); } catch {}");
        return back;
    }

    /** A phone: small, and touched. */
    static BrowserContext touched() {
        BrowserContext phone = SHARED.get()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setReducedMotion(ReducedMotion.REDUCE));
        phone.addInitScript("try { localStorage.setItem('zephyrdune:tour', 'seen'); } catch {}");
        return phone;
    }

    static BrowserContext strangersContext(int width, int height) {
        return SHARED.get()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setAcceptDownloads(true)
                        .setReducedMotion(ReducedMotion.REDUCE));
    }

    Page newPage(BrowserContext in) {
        Page opened = in.newPage();
        opened.onPageError(complaints::add);
        opened.onConsoleMessage(message -> {
            // a refused set is answered with a status that the browser writes to its console by itself, and so is a
            // server that is away
            boolean byItself = message.text().startsWith("Failed to load resource")
                    || message.text().startsWith("WebSocket connection to")
                            && message.text().contains("ERR_CONNECTION_REFUSED");
            if (message.type().equals("error") && !byItself && !expected(message.text())) {
                complaints.add(message.text());
            }
        });
        return opened;
    }

    /** Whether the browser complains of what a test does to its server. */
    boolean expected(String complaint) {
        return false;
    }

    BrowserContext context() {
        return context;
    }

    static String address() {
        return SHARED.get().application().address();
    }

    /** Opens a saved set by its title, without the takes that other tests have kept of it. */
    void open(String title) {
        String id = idOf(title);
        Matcher take =
                Pattern.compile("\\{\"id\":\"([0-9a-f-]{36})\"").matcher(asked("GET", "api/sets/" + id + "/takes"));
        while (take.find()) {
            asked("DELETE", "api/takes/" + take.group(1));
        }
        page.navigate(address() + "#/sets/" + id);
        waitForReadings(title);
    }

    static String asked(String method, String path) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address() + path))
                    .method(method, HttpRequest.BodyPublishers.noBody())
                    .build();
            return HttpClient.newHttpClient()
                    .send(request, BodyHandlers.ofString())
                    .body();
        } catch (IOException | InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    static String idOf(String title) {
        Matcher row = Pattern.compile("\"id\":\"([^\"]+)\"[^}]*\"title\":\"" + Pattern.quote(title) + "\"")
                .matcher(asked("GET", "api/sets"));
        assertThat(row.find()).as("a set titled %s", title).isTrue();
        return row.group(1);
    }

    /** Waits until a set is on the table and its readings are there. */
    void waitForReadings(String title) {
        page.waitForFunction("title => document.querySelector('h1')?.textContent.startsWith(title)", title);
        page.waitForSelector("section[aria-label=Readings][aria-busy=false] [data-testid=reading-EDGE_SHOWN]");
    }

    static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }

    /** Which subject each part of the set belongs to. */
    private static final Map<String, List<String>> SUBJECTS = Map.of(
            "Dish", List.of("Hero", "Props", "Table and backdrop", "Frame"),
            "Room", List.of("Ambient", "Walls and window"),
            "Light", List.of("Place", "Chain", "Shaper", "Source", "Power"),
            "Fill and cut", List.of("Cards and flags", "Base light"),
            "Camera", List.of("Exposure", "Meter"));

    /** Opens a part of the set, or a tab elsewhere. */
    void tab(String name) {
        SUBJECTS.forEach((subject, parts) -> {
            if (parts.contains(name)) {
                tabNamed(subject).click();
            }
        });
        tabNamed(name).click();
    }

    Locator tabNamed(String name) {
        return page.getByRole(
                AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    void click(String button) {
        page.getByRole(AriaRole.BUTTON, named(button)).click();
    }

    /** Waits until the picture of the present set is the fine one. */
    void waitForFine() {
        page.waitForTimeout(350); // a change made just now has to reach the picture first
        page.waitForSelector(
                "[data-testid=picture][data-fine=true][data-newest=true]",
                new Page.WaitForSelectorOptions().setTimeout(60_000));
    }

    Locator field(String path) {
        return page.getByTestId(path);
    }

    void type(String path, String text) {
        field(path).fill(text);
        field(path).press("Enter");
    }

    /** The number a reading shows. */
    double reading(String kind) {
        String text = page.getByTestId("reading-" + kind).getByTestId("value").textContent();
        return Double.parseDouble(text.replace("−", "-").replace("+", ""));
    }

    /** What a tile shows when nothing is under way any more. */
    double settledReading(String kind) {
        settled();
        return reading(kind);
    }

    /** Waits until a reading shows something else, and gives that. */
    double changedReading(String kind, double before) {
        for (int i = 0; i < PATIENCE_MS / 50 && reading(kind) == before; i++) {
            page.waitForTimeout(50);
        }
        return reading(kind);
    }

    /** Waits for the answers to the last change, as sure as they get; the set must be possible. */
    void settled() {
        Locator readings = page.locator("section[aria-label=Readings]");
        PlaywrightAssertions.assertThat(readings).hasAttribute("aria-busy", "false");
        PlaywrightAssertions.assertThat(readings).hasAttribute("data-unsure", "false");
        PlaywrightAssertions.assertThat(page.getByTestId("impossible")).isHidden();
    }

    /** Takes the props off, and puts the dish on grey paper. */
    void clearTheTable() {
        tab("Props");
        while (page.getByText("None on this table.").isHidden()) {
            click("Remove it");
        }
        tab("Table and backdrop");
        field("tableTop.surface").selectOption("grey-paper");
        tab("Place");
    }

    BufferedImage picture() {
        return Pixels.of(page);
    }

    double[] middle(Locator locator) {
        BoundingBox box = locator.boundingBox();
        return new double[] {box.x + box.width / 2, box.y + box.height / 2};
    }

    /** Drags from one place to another in small steps, as a hand does. */
    void drag(double[] from, double[] to) {
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        for (int step = 1; step <= 12; step++) {
            page.mouse().move(from[0] + (to[0] - from[0]) * step / 12, from[1] + (to[1] - from[1]) * step / 12);
            page.waitForTimeout(20);
        }
        page.mouse().up();
    }

    /** Adds one of the ready-made cards. */
    void add(String name) {
        page.getByTestId("add-card").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
        page.getByTestId("cards.picked").waitFor();
        settled();
    }

    double number(String path) {
        return Double.parseDouble(field(path).inputValue().replace("−", "-"));
    }
}
