package zephyrdune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A picture of each main view from the demo data; with -Dscreenshots=true they replace those in docs/screenshots. */
public class ScreenshotsTest extends Browsing {

    /** Of the demo's first bowl, as its camera sees it. */
    private static final double[][] RIM = {
        {0.7023, 0.4153}, {0.6376, 0.2726}, {0.5, 0.2167}, {0.3624, 0.2726},
        {0.2977, 0.4153}, {0.351, 0.5698}, {0.5, 0.6376}, {0.649, 0.5698}
    };

    private static final Path KEPT = StartedApplication.ROOT.resolve("docs/screenshots");

    private static final int CELLS = 24;

    /** Of 256 grey levels. */
    private static final double ALIKE = 4;

    private static final Path FOLDER = Boolean.getBoolean("screenshots")
            ? StartedApplication.ROOT.resolve("docs/screenshots")
            : Path.of("target", "screenshots");

    /** Waits until the picture is good enough to be kept; tests alone need not. */
    private void waitForFiner() {
        waitForFine();
        page.waitForTimeout(Boolean.getBoolean("screenshots") ? 15_000 : 0);
    }

    private void shoot(String name) {
        page.mouse().move(2, 2);
        page.waitForTimeout(300);
        Path file = FOLDER.resolve(name + ".png");
        page.screenshot(new Page.ScreenshotOptions()
                .setPath(file)
                .setFullPage(page.viewportSize().width < 1000)
                // a long page is drawn anew for it, beside pictures that are being traced
                .setTimeout(120_000));
        looksLike(file, KEPT.resolve(name + ".png"));
    }

    /** The picture of the set on the table as if somebody had sent it, marked. */
    private void photograph() {
        String picture = (String) page.getByTestId("picture")
                .evaluate("img => { const canvas = document.createElement('canvas');"
                        + " canvas.width = img.naturalWidth; canvas.height = img.naturalHeight;"
                        + " canvas.getContext('2d').drawImage(img, 0, 0);"
                        + " return canvas.toDataURL('image/png').split(',')[1]; }");
        click("Read the light from a photograph");
        page.getByTestId("photograph-file")
                .setInputFiles(new FilePayload(
                        "Last season.png", "image/png", Base64.getDecoder().decode(picture)));
        click("Say which lens");
        put("Round rim", RIM);
        type("plane.diameterMetres", "19");
        type("plane.heightMetres", "7.5");
        type("lens.equivalentFocalLengthMetres", "85");
        type("lens.focalLengthMetres", "85");
        put("Upright thing", new double[][] {{0.6724, 0.6889}, {0.6803, 0.5232}, {0.898, 0.83}});
        put("Table in the light", new double[][] {{0.25, 0.88}});
        put("Table in the shadow", new double[][] {{0.75, 0.74}});
        page.getByTestId("told-CLOCK")
                .filter(new Locator.FilterOptions().setHasText("±"))
                .waitFor();
        page.waitForTimeout(500);
        shoot("photograph");
    }

    /** Of the practice camera, beside what was predicted of it. */
    private void testFrame() {
        page.keyboard().press("f");
        click("Practise without a camera");
        click("Fire");
        page.getByTestId("frame-next").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        page.getByTestId("learnt-lights").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        page.getByTestId("frame")
                .evaluate("img => img.complete || new Promise(done => img.addEventListener('load', done))");
        shoot("test-frame");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Delete practice")))
                .click();
        click("Stop");
        page.keyboard().press("Escape");
    }

    private void elsewhere(String hash) {
        page.navigate("about:blank");
        page.navigate(address() + hash);
    }

    private void runSheet() {
        elsewhere("#/shoots");
        page.getByText("Winter menu").first().click();
        page.getByTestId("sheet-sum").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("What is moved"))
                .nth(1)
                .click();
        page.getByTestId("dish-panna-cotta").click();
        shoot("run-sheet");
    }

    /** Of takes of several demo sets, one of them opened and rebuilt from another. */
    private void log() {
        for (String title :
                new String[] {"Rye crispbread tower", "Peppered sprats in a tin", "Smoked mussel chowder"}) {
            page.navigate("about:blank");
            open(title);
            waitForFiner();
            page.keyboard().press("t");
            page.waitForTimeout(1500);
        }
        elsewhere("#/log");
        page.waitForFunction(
                "() => !/worked out/.test(document.querySelector('[data-testid=log-sum]')?.innerText ?? 'worked out')");
        page.locator("[data-testid^=record-]").first().click();
        click("Rebuild it");
        page.getByTestId("rebuild").getByRole(AriaRole.COMBOBOX).selectOption("Rye crispbread tower");
        page.waitForTimeout(1000);
        shoot("log");
    }

    /** Of what the demo kit has, a box with a fabric grid among it. */
    private void wallTest() {
        click("Kit");
        tab("Shapers");
        click("Wall test");
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Softbox 60 × 60 with fabric grid"))
                .check();
        click("Begin with 3 shapers");
        page.getByLabel("Practise without a camera").check();
        click("Fire all that are left");
        page.getByText("3 of 3 shapers fired").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Softbox 60 × 60 with fabric grid Beam")))
                .click();
        page.waitForTimeout(300);
        shoot("wall-test");
        click("Begin anew");
        page.keyboard().press("Escape");
    }

    private void put(String what, double[][] places) {
        click(what);
        BoundingBox box = page.getByTestId("photograph").boundingBox();
        for (double[] place : places) {
            page.mouse().click(box.x + place[0] * box.width, box.y + place[1] * box.height);
        }
    }

    /** The kept picture shows what the application shows now, but for grain, dates and the like. */
    private static void looksLike(Path now, Path kept) {
        double[] one = inCells(now);
        double[] other = inCells(kept);
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            sum += Math.abs(one[i] - other[i]) / one.length;
        }
        assertThat(sum).as("%s is out of date: grey levels on average", kept).isLessThan(ALIKE);
    }

    /** Mean grey levels of a picture in cells of a grid, whatever its height. */
    private static double[] inCells(Path file) {
        try {
            BufferedImage image = ImageIO.read(file.toFile());
            double[] cells = new double[CELLS * CELLS];
            int[] counts = new int[cells.length];
            for (int y = 0; y < image.getHeight(); y++) {
                for (int x = 0; x < image.getWidth(); x++) {
                    int cell = y * CELLS / image.getHeight() * CELLS + x * CELLS / image.getWidth();
                    int rgb = image.getRGB(x, y);
                    cells[cell] += ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 3.0;
                    counts[cell]++;
                }
            }
            for (int i = 0; i < cells.length; i++) {
                cells[i] /= counts[i];
            }
            return cells;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Takes the sets that other tests have added off the list. */
    @BeforeMethod
    public void demoDataAlone() throws IOException {
        String demo;
        try (Stream<Path> files = Files.list(StartedApplication.ROOT.resolve("server/src/main/resources/demo"))) {
            demo = files.map(ScreenshotsTest::read).collect(Collectors.joining());
        }
        String list = page.request().get(address() + "api/sets").text();
        Matcher row = Pattern.compile("\"id\":\"([^\"]+)\",\"version\":(\\d+)[^}]*(\"title\"):(\"[^\"]+\")")
                .matcher(list);
        int found = 0;
        while (row.find()) {
            found++;
            if (!demo.contains(row.group(3) + ": " + row.group(4))) {
                String one = address() + "api/sets/" + row.group(1) + "?version=" + row.group(2);
                assertThat(page.request().delete(one).ok()).isTrue();
            }
        }
        assertThat(found).isGreaterThanOrEqualTo(6);
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    public void mainViews() throws Exception {
        Files.createDirectories(FOLDER);
        open("Smoked mussel chowder");
        waitForFiner();
        shoot("working-view");
        page.getByTestId("reading-FALL_OFF_HERO").click();
        shoot("reading-explained");
        page.keyboard().press("Escape");
        click("All readings");
        page.waitForTimeout(300);
        shoot("all-readings");
        page.keyboard().press("Escape");
        tab("Cards and flags");
        page.getByTestId("add-card").click();
        page.getByText("White card").click();
        page.getByTestId("card-fill").getByText("Out of the frame").waitFor();
        waitForFiner();
        shoot("cards");
        page.keyboard().press("Control+z");
        settled();
        click("Looks");
        page.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Bright and airy"))
                .first()
                .click();
        page.getByTestId("look.bands.0.fromHours").waitFor();
        page.waitForTimeout(1500);
        shoot("looks");
        photograph();
        page.keyboard().press("Escape");
        click("Undo");
        settled();
        tab("Ambient");
        field("kit-place").selectOption("Small white kitchen");
        tab("Chain");
        field("kit-shaper").selectOption("Book light: board, then cloth");
        settled();
        waitForFiner();
        shoot("chain");
        field("kit-shaper").selectOption("Softbox 60 × 60, two baffles");
        settled();
        click("Compare shapers");
        for (String other : new String[] {
            "Softbox 90 × 120, two baffles",
            "Octagon 90, two baffles",
            "Strip 30 × 120, two baffles",
            "White beauty dish"
        }) {
            click(other);
        }
        page.waitForFunction(
                "() => !/Looking for the distance|Tracing the picture/.test(document.querySelector('[role=dialog]').innerText)",
                null,
                new Page.WaitForFunctionOptions().setTimeout(60_000));
        shoot("compared");
        page.keyboard().press("Escape");
        click("Kit");
        tab("Shapers");
        page.waitForTimeout(300);
        shoot("kit");
        page.keyboard().press("Escape");
        wallTest();
        field("kit-shaper").selectOption("Softbox 60 × 60, stated as even");
        settled();
        click("Light theme");
        open("Pear and almond tart");
        waitForFiner();
        shoot("working-view-light");
        click("Dark theme");
        open("Rye crispbread tower");
        testFrame();
        open("Elderflower cordial");
        click("Stop lines");
        click("Histogram");
        waitForFiner();
        shoot("picture-read");
        click("Stop lines");
        click("Histogram");
        click("Sets");
        page.waitForTimeout(300);
        page.waitForFunction(
                "() => [...document.querySelectorAll('[role=dialog] li img')].filter(img => img.naturalWidth > 0).length >= 6",
                null,
                new Page.WaitForFunctionOptions().setTimeout(180_000));
        shoot("sets");
        page.keyboard().press("Escape");
        page.setViewportSize(390, 844);
        waitForFine();
        shoot("phone");
        page.navigate(address() + "#/stand/" + idOf("Elderflower cordial"));
        page.getByTestId("stand-LIGHT-1-CLOCK").click();
        page.getByTestId("stand-LIGHT-1-ALONG").click();
        page.getByText(Pattern.compile("^2 of \\d+$")).waitFor();
        page.evaluate("scrollTo(0, 0)");
        shoot("stand");
        page.setViewportSize(1280, 800);
        runSheet();
        if (Boolean.getBoolean("screenshots")) {
            // otherwise other tests' takes are among them
            log();
        }
        page.navigate("about:blank");
        page.navigate(address() + "#/");
        page.getByText("The table is empty").waitFor();
        click("Start a new set");
        page.waitForTimeout(300);
        shoot("new-set");
    }
}
