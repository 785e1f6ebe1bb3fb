package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Test frames, by the screens and the practice camera. */
public class FramesTest extends Browsing {

    private static final double SLOW = 60_000;

    private static final String FIRST_ID = "\\{\"id\":\"([0-9a-f-]{36})\"";

    /** What is learnt of the kit is of the frames of all sets: none of another test may count. */
    @BeforeMethod
    public void forgetAllFrames() {
        each("api/sets", "\"id\":\"([^\"]+)\"", set -> {
            each("api/sets/" + set + "/frames", FIRST_ID, frame -> asked("DELETE", "api/frames/" + frame));
            each(
                    "api/sets/" + set + "/meter-readings",
                    FIRST_ID,
                    reading -> asked("DELETE", "api/meter-readings/" + reading));
        });
    }

    private static void each(String path, String id, Consumer<String> then) {
        Pattern.compile(id).matcher(asked("GET", path)).results().forEach(row -> then.accept(row.group(1)));
    }

    @AfterMethod(alwaysRun = true)
    public void watchNothing() {
        asked("DELETE", "api/tether");
    }

    private Locator frame() {
        return page.getByTestId("frame");
    }

    private void fire() {
        Locator fire = page.getByRole(AriaRole.BUTTON, named("Fire"));
        fire.click();
        assertThat(fire).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(SLOW));
    }

    /** From nothing to a frame beside its prediction, the mark it asks for set, and the next frame where it is wanted. */
    @Test
    public void aFrameComesInAndSaysWhatToSet() {
        open("Smoked mussel chowder");
        page.keyboard().press("f");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("No frame yet");
        click("Practise without a camera");
        fire();
        assertThat(frame()).isVisible();
        Locator next = page.getByTestId("frame-next");
        assertThat(next).containsText("than its numbers say");
        assertThat(page.getByTestId("patch-HERO_TOP")).containsText(Pattern.compile("[+−]?\\d\\.\\d"));
        next.getByRole(AriaRole.BUTTON).click();
        assertThat(next).containsText("It is set");
        // a patch is dragged, and read elsewhere
        Locator grip = page.getByTitle("Table in the light");
        String before = page.getByTestId("patch-TABLE").textContent();
        BoundingBox box = frame().boundingBox();
        grip.hover();
        page.mouse().down();
        page.mouse().move(box.x + 0.08 * box.width, box.y + 0.92 * box.height);
        page.mouse().up();
        assertThat(page.getByTestId("patch-TABLE")).not().hasText(before);
        // and back by the keyboard's way
        page.getByRole(AriaRole.BUTTON, named("Patches where they were proposed"))
                .press("Enter");
        assertThat(page.getByTestId("patch-TABLE")).hasText(before);
        click("Split");
        assertThat(page.getByTestId("compare-split")).isVisible();
        click("Stop comparing");
        page.keyboard().press("f");
        click("Difference");
        assertThat(page.getByTestId("difference-lines"))
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(SLOW));
        click("Stop comparing");
    }

    /** With the light off a frame tells of the room; a bracket tells the camera's tone curve, by which its frames are read until somebody says otherwise. */
    @Test
    public void aBracketAndTheRoomAlone() {
        open("Pear and almond tart");
        page.keyboard().press("f");
        click("Practise without a camera");
        click("Light off");
        LocatorAssertions.IsVisibleOptions slow = new LocatorAssertions.IsVisibleOptions().setTimeout(SLOW);
        assertThat(page.getByTestId("frame-room")).isVisible(slow);
        assertThat(page.getByTestId("frame-room")).containsText("a correct exposure");
        Locator off = page.getByLabel("The light was off: it shows the room alone");
        assertThat(off).isChecked();
        page.getByLabel("Tone curve of its own").check();
        click("Fire a bracket");
        assertThat(page.getByTestId("frames-kept"))
                .hasText(Pattern.compile("^6 frames, .*"), new LocatorAssertions.HasTextOptions().setTimeout(2 * SLOW));
        assertThat(off).not().isChecked();
        assertThat(page.getByTestId("frame-next")).isVisible(slow);
        page.getByLabel("Picture style that the camera was set to").fill("Contrast");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("tone-curve")).isVisible(slow);
        assertThat(page.getByRole(AriaRole.REGION, named("Tone curve"))).containsText("Learnt from 5 frames");
        page.getByTestId("tone-curve-in-use").selectOption("Neutral, as sRGB");
        assertThat(page.getByTestId("tone-curve")).isHidden();
        page.getByTestId("tone-curve-in-use").selectOption("Contrast");
        click("Delete the curve Contrast");
        assertThat(page.getByTestId("tone-curve")).isHidden();
    }

    /** Two frames, and the kit is known: in the set's numbers at a press, thrown away at another; a frame is left out and put back. */
    @Test
    public void framesTeachTheKit() {
        open("Smoked mussel chowder");
        page.keyboard().press("f");
        click("Practise without a camera");
        fire();
        Locator learnt = page.getByRole(AriaRole.REGION, named("What the frames teach"));
        LocatorAssertions.ContainsTextOptions slow = new LocatorAssertions.ContainsTextOptions().setTimeout(SLOW);
        fire();
        fire();
        Locator kept = page.getByTestId("frames-kept");
        assertThat(kept).hasText(Pattern.compile("^[3-9] frames, .*"));
        assertThat(learnt).containsText(kept.textContent().charAt(0) + " frames and readings say", slow);
        assertThat(learnt).containsText("Source", slow);
        assertThat(learnt).containsText("not told apart from", slow);
        Locator use = learnt.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Use what was learnt"));
        use.click(new Locator.ClickOptions().setTimeout(SLOW));
        assertThat(learnt).containsText("The set has it in its numbers", slow);
        click("Back to the stated numbers");
        assertThat(use).isEnabled(new LocatorAssertions.IsEnabledOptions().setTimeout(SLOW));
        String all = learnt.textContent();
        click("A grey card is in it");
        Locator card = page.getByTestId("patch-GREY_CARD");
        assertThat(card).containsText(Pattern.compile("[+−]?\\d\\.\\d"));
        String grey = card.textContent();
        page.getByLabel("It reflects").fill("90");
        page.getByLabel("It reflects").press("Enter");
        assertThat(card).not().hasText(grey);
        click("Patches where they were proposed");
        assertThat(learnt).hasText(all, new LocatorAssertions.HasTextOptions().setTimeout(SLOW));
        click("Leave this frame out of what is learnt");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("left out of what is learnt");
        assertThat(learnt).not().hasText(all, new LocatorAssertions.HasTextOptions().setTimeout(SLOW));
        click("Put it back");
        assertThat(learnt).hasText(all, new LocatorAssertions.HasTextOptions().setTimeout(SLOW));
    }

    /** A frame that lies askew is brought onto the picture by its four places, by mouse and keyboard; kept, read so, and taken back. */
    @Test
    public void aFrameIsLaidOnThePicture() {
        open("Smoked mussel chowder");
        page.keyboard().press("f");
        click("Practise without a camera");
        fire();
        Locator table = page.getByTestId("patch-TABLE");
        assertThat(table).containsText(Pattern.compile("[+−]?\\d\\.\\d"));
        String asItCame = table.textContent();
        click("Lay it on the picture");
        Locator laid = page.getByTestId("laid-frame");
        assertThat(laid).isVisible();
        BoundingBox box = laid.boundingBox();
        page.getByLabel("3, A place of the frame; arrow keys move it").hover();
        page.mouse().down();
        page.mouse().move(box.x + 0.6 * box.width, box.y + 0.6 * box.height);
        page.mouse().up();
        page.getByLabel("1, A place of the frame; arrow keys move it").press("Shift+ArrowDown");
        click("Keep it so");
        assertThat(table).not().hasText(asItCame);
        assertThat(frame()).hasAttribute("src", Pattern.compile("laid\\?ratio=1\\.5&points=.*0\\.6,0\\.6"));
        page.getByRole(AriaRole.BUTTON, named("Undo")).first().click();
        assertThat(table).hasText(asItCame);
        // places that cross cannot be kept
        click("Lay it on the picture");
        assertThat(laid).isVisible();
        page.getByLabel("3, A place of the frame; arrow keys move it").hover();
        page.mouse().down();
        page.mouse().move(box.x + 0.02 * box.width, box.y + 0.02 * box.height);
        page.mouse().up();
        assertThat(page.getByText("The four places cross")).isVisible();
        assertThat(page.getByRole(AriaRole.BUTTON, named("Keep it so"))).isDisabled();
        click("Stop comparing");
    }

    /** Files are opened, told from what is none, deleted and brought back. */
    @Test
    public void framesAreOpenedDeletedAndBroughtBack() {
        open("Black-sesame panna cotta");
        page.keyboard().press("f");
        page.getByTestId("frame-file")
                .setInputFiles(new FilePayload("notes.jpg", "image/jpeg", "no picture".getBytes()));
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("no photograph that can be read");
        page.getByTestId("frame-file").setInputFiles(PhotographTest.photograph());
        assertThat(frame()).isVisible();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("does not say how it was taken");
        click("Delete Harbour table.png");
        assertThat(frame()).hasCount(0);
        click("Bring back");
        assertThat(frame()).isVisible();
        click("Delete Harbour table.png");
    }

    /** What a hand meter says is kept, told beside what was predicted, learnt from, and forgotten. */
    @Test
    public void aHandMeterTellsTheLight() {
        open("Smoked mussel chowder");
        page.keyboard().press("f");
        Locator meter = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Hand meter"));
        Locator typed = meter.getByLabel("What the hand meter shows");
        typed.fill("200");
        typed.press("Enter");
        assertThat(page.getByText("f-number lies between 0.7 and 128").first()).isVisible();
        typed.fill("f/8");
        typed.press("Enter");
        assertThat(meter.getByTestId("frame-next")).containsText("to 1/");
        assertThat(meter.getByRole(AriaRole.LISTITEM)).containsText("f/8");
        assertThat(page.getByTestId("learnt-lights")).containsText("1 frame or reading says");
        click("Forget f/8");
        assertThat(meter.getByRole(AriaRole.LISTITEM)).hasCount(0);
        assertThat(page.getByTestId("learnt-lights")).isHidden();
    }
}
