package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The picture as it comes, is switched, measured and kept. */
public class PictureTest extends Browsing {

    @BeforeMethod
    public void openChowder() {
        open("Smoked mussel chowder");
        clearTheTable();
        waitForFine();
    }

    private Locator shown() {
        return page.getByTestId("picture");
    }

    /** While the light is dragged coarse pictures follow it, each newer than the last; at rest it gets fine by itself. */
    @Test
    public void aDragShowsCoarsePicturesAndThenAFineOne() {
        page.evaluate("""
                () => {
                  window.seen = [];
                  const image = document.querySelector('[data-testid=picture]');
                  const note = () => window.seen.push([Number(image.dataset.turn), image.dataset.stage]);
                  new MutationObserver(note).observe(image, { attributeFilter: ['src'] });
                }
                """);
        double[] from = middle(page.getByTestId("handle-floor"));
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        for (int step = 1; step <= 24; step++) {
            page.mouse().move(from[0] + 3 * step, from[1] - step);
            page.waitForTimeout(40);
        }
        page.mouse().up();
        waitForFine();
        @SuppressWarnings("unchecked") // as the page returns it
        List<List<Object>> seen = (List<List<Object>>) page.evaluate("() => window.seen");
        double last = 0;
        int coarse = 0;
        for (List<Object> one : seen) {
            double turn = ((Number) one.get(0)).doubleValue();
            assertThat(turn).isGreaterThanOrEqualTo(last);
            last = turn;
            coarse += one.get(1).equals("COARSE") ? 1 : 0;
        }
        assertThat(coarse).as("coarse pictures during the drag").isGreaterThan(2);
        assertThat(seen.get(seen.size() - 1).get(1)).isEqualTo("FINE");
    }

    @Test
    public void layersAreSwitchedWithoutTracing() {
        String trace = shown().getAttribute("data-trace");
        double before = Pixels.patch(picture(), 0.2, 0.7);
        page.getByTestId("layers").click();
        page.getByTestId("layer-key").uncheck();
        waitForNewest();
        assertThat(shown().getAttribute("data-trace")).isEqualTo(trace);
        assertThat(Pixels.patch(picture(), 0.2, 0.7)).isLessThan(before / 2);
        page.getByTestId("layer-key").check();
        waitForNewest();
        page.keyboard().press("Escape");
        assertThat(Pixels.patch(picture(), 0.2, 0.7)).isCloseTo(before, within(6.0));
        tab("Exposure");
        page.getByTestId("exposure.biasStops").fill("-1");
        page.getByTestId("exposure.biasStops").press("Enter");
        page.waitForTimeout(300);
        waitForNewest();
        assertThat(shown().getAttribute("data-trace")).isEqualTo(trace);
        assertThat(Pixels.patch(picture(), 0.2, 0.7)).isLessThan(before - 20);
    }

    private void waitForNewest() {
        page.waitForTimeout(150);
        page.waitForSelector("[data-testid=picture][data-newest=true]");
    }

    /** A line along the shadow, over its tip: as wide as the reading says, within a twentieth. */
    @Test
    public void theProfileIsAsWideAsTheReading() {
        tab("Shaper");
        type("light.face.widthMetres", "20");
        type("light.face.heightMetres", "20");
        settled();
        double reading = reading("EDGE_SHOWN");
        click("Edge profile");
        Locator surface = page.getByTestId("profile-surface");
        var box = surface.boundingBox();
        page.mouse().move(box.x + 0.833 * box.width, box.y + 0.790 * box.height);
        page.mouse().down();
        page.mouse().move(box.x + 0.977 * box.width, box.y + 0.880 * box.height);
        page.mouse().up();
        Locator width = page.getByTestId("profile-width");
        assertThat(width).containsText("mm");
        double measured = Double.parseDouble(width.textContent().replace(" mm", ""));
        // both are shown in whole millimetres
        assertThat(measured).isCloseTo(reading, within(0.05 * reading + 0.5));
        assertThat(page.getByTestId("profile-depth")).containsText("stops");
        // along the rim and the table at once there is nothing to measure
        page.mouse().move(box.x + 0.5 * box.width, box.y + 0.5 * box.height);
        page.mouse().down();
        page.mouse().move(box.x + 0.95 * box.width, box.y + 0.5 * box.height);
        page.mouse().up();
        assertThat(page.getByText("one flat surface").first()).isVisible();
        click("Put the line away");
        assertThat(surface).isHidden();
    }

    @Test
    public void whatIsLaidOverThePicture() {
        click("Stop lines");
        assertThat(page.getByTestId("stop-lines").getByText("0.0")).isVisible();
        click("Stop lines");
        assertThat(page.getByTestId("stop-lines")).isHidden();
        click("Histogram");
        assertThat(page.getByTestId("histogram")).containsText("Clipped");
        tab("Frame");
        field("camera.textSpace.side").selectOption("left");
        assertThat(page.getByTestId("text-space")).isVisible();
        page.getByTestId("things").hover();
        assertThat(page.getByTestId("loupe")).containsText("stops from mid grey");
        String trace = shown().getAttribute("data-trace");
        click("Depth of field");
        waitForFine();
        assertThat(shown().getAttribute("data-trace")).isNotEqualTo(trace);
    }

    @Test
    public void theFrameIsMovedByDragging() {
        tab("Frame");
        click("Move the frame");
        double[] at = middle(page.getByTestId("frame-mover"));
        drag(at, new double[] {at[0] - 80, at[1]});
        assertThat(Double.parseDouble(
                        field("camera.shiftRightMetres").inputValue().replace("−", "-")))
                .isBetween(3.0, 8.0);
        click("Undo");
        assertThat(field("camera.shiftRightMetres")).hasValue("0");
    }

    @Test
    public void takesAreKeptAndCompared() {
        page.getByTestId("things").hover();
        page.keyboard().press("t");
        type("light.clockHours", "2:00");
        waitForFine();
        page.getByTestId("takes").click();
        click("Split");
        assertThat(page.getByTestId("compare-split").getByText("Take 1")).isVisible();
        page.getByTestId("compare-split").getByRole(AriaRole.SLIDER).press("ArrowLeft");
        click("Stop comparing");
        page.getByTestId("takes").click();
        click("Difference");
        assertThat(page.getByTestId("difference-lines")).isVisible();
        click("Stop comparing");
        page.reload();
        page.getByTestId("takes").click();
        click("Put Take 1 back on the table");
        page.keyboard().press("Escape");
        assertThat(field("light.clockHours")).hasValue("10:00");
    }

    /** A take that is kept right after a change never has the frame of before. */
    @Test
    public void aTakeOfAChangeThatIsNotSeenYetGetsItsOwnPicture() {
        waitForFine();
        type("light.clockHours", "2:00");
        settled();
        page.evaluate("document.activeElement.blur()"); // else the letter would be typed
        page.keyboard().press("t");
        page.getByTestId("takes").click();
        assertThat(page.getByLabel("Name of the take")).hasCount(1);
        assertThat(page.getByText("sharpening …")
                        .or(page.getByText("drawing …"))
                        .first())
                .isVisible();
        Locator finished = page.locator("img[src$='picture?fine']");
        assertThat(finished).hasCount(1, new LocatorAssertions.HasCountOptions().setTimeout(90_000));
    }

    /** What is clicked in the picture opens its numbers. */
    @Test
    public void thingsInThePictureArePicked() {
        Locator things = page.locator("[data-testid=things][data-fresh=true]");
        var box = things.boundingBox();
        things.click(new Locator.ClickOptions().setPosition(box.width / 2, box.height * 0.5));
        assertThat(field("dish.kind")).isVisible();
        assertThat(page.getByTestId("worked-on")).hasCount(1);
        things.click(new Locator.ClickOptions().setPosition(box.width * 0.1, box.height * 0.9));
        assertThat(field("tableTop.surface")).isVisible();
    }

    @Test
    public void oneLightAloneIsOnePressAway() {
        waitForFine();
        double all = Pixels.patch(picture(), 0.2, 0.7);
        page.getByTestId("only-ambient").click();
        waitForNewest();
        assertThat(Pixels.patch(picture(), 0.2, 0.7)).isLessThan(all / 2);
        page.keyboard().press("a");
        waitForNewest();
        assertThat(Pixels.patch(picture(), 0.2, 0.7)).isCloseTo(all, within(6.0));
    }

    @Test
    public void aPictureIsWrittenToAFile() throws IOException {
        click("Picture as a file");
        Download download = page.waitForDownload(
                new Page.WaitForDownloadOptions().setTimeout(90_000), () -> click("Linear, Radiance HDR"));
        assertThat(download.suggestedFilename()).endsWith(".hdr");
        assertThat(new String(Files.readAllBytes(download.path()), 0, 10, StandardCharsets.US_ASCII))
                .isEqualTo("#?RADIANCE");
    }

    /** What the Khronos Group's glTF Validator finds wrong with a set in three dimensions: nothing. */
    @Test
    public void theSetIsWrittenAsAValidModel() throws IOException, InterruptedException {
        click("Picture as a file");
        Download download = page.waitForDownload(() -> click("The set in 3D, glTF"));
        assertThat(download.suggestedFilename()).endsWith(".glb");
        Path model = Files.createTempFile("set", ".glb");
        download.saveAs(model);
        String script = """
                const { validateBytes } = require("./web/node_modules/gltf-validator");
                const bytes = new Uint8Array(require("fs").readFileSync(process.argv[1]));
                validateBytes(bytes).then(({ issues, info }) =>
                  console.log(issues.numErrors, issues.numWarnings, info.version, info.totalTriangleCount > 1000, JSON.stringify(issues.messages)));
                """;
        Process node = new ProcessBuilder("node", "-e", script, model.toString())
                .directory(Path.of("..").toFile())
                .redirectErrorStream(true)
                .start();
        String said = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        node.waitFor();
        Files.delete(model);
        assertThat(said.strip()).isEqualTo("0 0 2.0 true []");
    }

    /** The meter is pointed at a place in the picture: it reads there from then on, and the frame is exposed for that. */
    @Test
    public void theMeterIsPointedInThePicture() {
        tab("Power");
        String before = page.getByTestId("mark").textContent();
        tab("Meter");
        page.getByLabel("Metering point").first().click();
        assertThat(page.getByTestId("meter-mark")).isVisible();
        Locator surface = page.getByTestId("meter-surface");
        var box = surface.boundingBox();
        page.mouse().click(box.x + 0.8 * box.width, box.y + 0.75 * box.height);
        assertThat(page.getByTestId("exposure.metering.point.kind")).hasValue("any-place");
        assertThat(page.getByTestId("floor-meter")).isVisible();
        // the mark stands where it was clicked
        page.waitForCondition(() -> {
            double[] mark = middle(page.getByTestId("meter-mark"));
            return Math.hypot(mark[0] - box.x - 0.8 * box.width, mark[1] - box.y - 0.75 * box.height) < 4;
        });
        tab("Power");
        assertThat(page.getByTestId("mark")).not().hasText(before);
        tab("Meter");
        page.keyboard().press("Control+z");
        assertThat(page.getByTestId("exposure.metering.point.kind")).hasValue("hero-top");
        // by keyboard
        surface.focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.getByTestId("meter-aim")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("exposure.metering.point.kind")).hasValue("any-place");
    }

    @Test
    public void aSpotMeterReadsTheSurface() {
        tab("Power");
        Locator mark = page.getByTestId("mark");
        String incident = mark.textContent();
        tab("Meter");
        page.getByTestId("exposure.metering.mode").selectOption("spot");
        tab("Power");
        // the chowder is paler than mid grey, so a meter that reads it asks for less
        assertThat(mark).not().hasText(incident);
    }
}
