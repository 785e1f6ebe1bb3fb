package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;

/** The light read from a photograph, by the screens. */
public class PhotographTest extends Browsing {

    private static final int WIDTH = 900;
    private static final int HEIGHT = 600;

    /** Drawn as a lens of 85 mm sees it from 45 degrees, 1.2 m away: a plate, a stick, and its shadow by a light at 9 o'clock, 45 degrees up. */
    static FilePayload photograph() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(0x6a6258));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(new Color(0xdcdcdc));
        pen.fill(new Ellipse2D.Double(450 - 177, 300 - 125, 354, 250));
        pen.setStroke(new BasicStroke(4));
        pen.setColor(new Color(0x504838));
        pen.draw(new Line2D.Double(450, 300, 568, 300));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", file);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return new FilePayload("Harbour table.png", "image/png", file.toByteArray());
    }

    private void at(double across, double down) {
        BoundingBox box = page.getByTestId("photograph").boundingBox();
        page.mouse().click(box.x + across * box.width, box.y + down * box.height);
    }

    private void opened() {
        click("Looks");
        click("Read the light from a photograph");
        page.getByTestId("photograph-file").setInputFiles(photograph());
        assertThat(page.getByTestId("photograph-hint")).containsText("5 more");
        click("Say which lens");
    }

    private Locator told(String kind) {
        return page.getByTestId("told-" + kind);
    }

    /** From a file to a look on the set, and the photograph beside the picture. */
    @Test
    public void aPhotographBecomesALook() {
        open("Smoked mussel chowder");
        opened();
        for (int i = 0; i < 8; i++) {
            double turn = i * Math.PI / 4;
            at(0.5 + 177.0 / WIDTH * Math.cos(turn), 0.5 + 125.0 / HEIGHT * Math.sin(turn));
        }
        click("Upright thing");
        at(0.5, 0.5);
        at(0.5, (300 - 84.0) / HEIGHT);
        at(568.0 / WIDTH, 0.5);
        assertThat(told("CLOCK")).containsText(Pattern.compile("(8:5\\d|9:0\\d) ±"));
        assertThat(told("HEIGHT")).containsText(Pattern.compile("4\\d° ±"));
        assertThat(told("SIZE")).containsText("Draw a line across");
        // what nothing can be told by says so, and is undone
        click("Highlight");
        at(0.9, 0.9);
        Locator lines = page.getByRole(AriaRole.REGION, named("What the photograph tells"));
        assertThat(lines.getByRole(AriaRole.ALERT)).containsText("There is no highlight here");
        click("Undo the last mark");
        assertThat(lines.getByRole(AriaRole.ALERT)).hasCount(0);
        click("Make it this set's look");
        assertThat(page.getByRole(AriaRole.REGION, named("Bands of the look"))).containsText("Harbour table");
        click("Read the light from a photograph");
        click("Beside");
        assertThat(page.getByTestId("match-beside").getByRole(AriaRole.IMG)).hasCount(2);
        click("Put the photograph away");
        click("Undo");
    }

    /** On a phone, with a finger: looks, a photograph and its marks, and nothing beside the screen. */
    @Test
    public void marksByTouch() {
        try (BrowserContext phone = touched()) {
            Page touchedPage = newPage(phone);
            touchedPage.navigate(address());
            touchedPage.getByRole(AriaRole.BUTTON, named("Looks")).tap();
            touchedPage
                    .getByRole(AriaRole.BUTTON, named("Read the light from a photograph"))
                    .tap();
            touchedPage.getByTestId("photograph-file").setInputFiles(photograph());
            Locator surface = touchedPage.getByTestId("photograph");
            surface.waitFor();
            touchedPage.getByRole(AriaRole.BUTTON, named("Background")).tap();
            surface.scrollIntoViewIfNeeded();
            BoundingBox box = surface.boundingBox();
            touchedPage.touchscreen().tap(box.x + 0.45 * box.width, box.y + 0.4 * box.height);
            assertThat(touchedPage.getByTestId("told-BACKDROP")).containsText("white");
            assertThat(touchedPage.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^Background; arrow keys move it"))))
                    .isVisible();
            int wide = (int) touchedPage.evaluate("document.documentElement.scrollWidth");
            org.assertj.core.api.Assertions.assertThat(wide).isLessThanOrEqualTo(390);
        }
    }

    /** Marks are put, moved and taken away by keyboard alone; kept, they are there again. */
    @Test
    public void marksByKeyboard() {
        open("Smoked mussel chowder");
        opened();
        click("Background");
        page.getByTestId("photograph").focus();
        page.keyboard().press("Enter");
        assertThat(told("BACKDROP")).containsText("light grey");
        Locator spot = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Background; arrow keys move it")));
        spot.focus();
        for (int i = 0; i < 14; i++) {
            page.keyboard().press("Shift+ArrowUp");
        }
        assertThat(told("BACKDROP")).containsText("mid grey");
        page.getByLabel("Client whose look it shows").fill("Lantern Wharf Canteen");
        click("Keep it");
        Locator kept = page.getByRole(AriaRole.REGION, named("Kept photographs"));
        assertThat(kept).containsText("Lantern Wharf Canteen");
        spot.focus();
        page.keyboard().press("Delete");
        assertThat(spot).hasCount(0);
        kept.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Harbour table").setExact(true))
                .click();
        assertThat(spot).hasCount(1);
        click("Forget Harbour table");
        assertThat(kept).hasCount(0);
        page.keyboard().press("Escape");
    }
}
