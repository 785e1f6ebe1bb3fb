package zephyrdune.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Lights chosen, edited and moved for a wanted reading. */
public class LightsTest extends Browsing {

    @BeforeMethod
    public void openChowder() {
        open("Smoked mussel chowder");
    }

    @Test
    public void everyLightCanBeChosenAndEdited() {
        tab("Source");
        for (String source : new String[] {"mains-flash", "led-panel", "led-point", "battery-flash"}) {
            field("light.source.kind").selectOption(source);
            boolean flash = source.endsWith("flash");
            String[] outputs = flash
                    ? new String[] {"guide-number", "metered-aperture", "watt-seconds"}
                    : new String[] {"lux-at-one-metre", "lumens"};
            for (String output : outputs) {
                field("light.source.output.kind").selectOption(output);
                settled();
            }
            String strength = flash ? "energyWattSeconds" : "fluxLumens";
            String before = mark();
            type("light.source.output." + strength, flash ? "1200" : "250000");
            assertThat(page.getByTestId("reading-POWER").getByTestId("word"))
                    .not()
                    .hasText(before);
        }
        tab("Shaper");
        String[] shapes = {"strip", "disc", "octagon", "rectangle"};
        String[] sizes = {"lengthMetres", "diameterMetres", "acrossFlatsMetres", "heightMetres"};
        for (int i = 0; i < shapes.length; i++) {
            field("light.face.kind").selectOption(shapes[i]);
            double before = settledReading("EDGE_SHOWN");
            type("light.face." + sizes[i], Integer.toString(25 + 5 * i));
            assertThat(changedReading("EDGE_SHOWN", before)).isNotEqualTo(before);
        }
        for (String spread : new String[] {"beam", "gridded", "bare", "diffuse"}) {
            field("light.spread.kind").selectOption(spread);
            settled();
        }
        tab("Power");
        for (String dial : new String[] {"stop-scale", "percent", "fractions"}) {
            field("light.source.dial.kind").selectOption(dial);
            settled();
        }
        assertThat(page.getByTestId("mark")).containsText("1/");
        field("light.powerChoice").selectOption("fixed");
        field("light.powerStops").selectOption("1/8");
        assertThat(page.getByTestId("mark")).containsText("1/8");
    }

    /** Common practice, no published source: a flash farther behind its panel is softer. */
    @Test
    public void aFlashFartherBehindItsPanelIsSofter() {
        tab("Shaper");
        double even = settledReading("EDGE_SHOWN");
        field("light.filling.kind").selectOption("from-behind");
        type("light.filling.gapMetres", "20");
        double near = settledReading("EDGE_SHOWN");
        assertThat(page.getByTestId("source-spot")).hasCount(2);
        type("light.filling.gapMetres", "60");
        double far = settledReading("EDGE_SHOWN");
        assertThat(near).isLessThan(far);
        assertThat(far).isLessThanOrEqualTo(even);
        type("light.filling.gapMetres", "400");
        assertThat(page.getByText("The source behind the panel stands behind the backdrop")
                        .first())
                .isVisible();
        // quick changes of one field are one step to undo, so the way back is typed
        type("light.filling.gapMetres", "60");
        settled();
        field("light.spread.kind").selectOption("bare");
        assertThat(page.getByText("A panel lit from behind is not bare").first())
                .isVisible();
    }

    private String mark() {
        settled();
        return page.getByTestId("reading-POWER").getByTestId("word").innerText();
    }

    @Test
    public void aWantedReadingMovesTheLight() {
        double before = reading("FALL_OFF_FRAME");
        page.getByTestId("reading-FALL_OFF_FRAME").click();
        Locator wanted = page.getByTestId("wanted");
        wanted.getByRole(AriaRole.TEXTBOX).fill("-0.8");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(wanted.getByRole(AriaRole.STATUS)).containsText("−0.8 stop");
        assertThat(wanted.getByRole(AriaRole.STATUS)).containsText("keep the exposure");
        page.keyboard().press("Escape");
        assertThat(changedReading("FALL_OFF_FRAME", before)).isCloseTo(-0.8, within(1e-9));
        assertThat(Double.parseDouble(field("light.distanceMetres").inputValue()))
                .isGreaterThan(100);
        page.getByTestId("reading-FALL_OFF_FRAME").click();
        page.getByTestId("wanted").getByRole(AriaRole.TEXTBOX).fill("7");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(page.getByTestId("wanted").getByRole(AriaRole.STATUS)).containsText("No place of it gives 7 stops");
    }

    @Test
    public void anotherFaceIsMadeAsSoftAsTheSavedOne() {
        double saved = reading("EDGE_SHOWN");
        tab("Shaper");
        type("light.face.heightMetres", "30");
        double half = changedReading("EDGE_SHOWN", saved);
        assertThat(half).isLessThan(saved * 0.7);
        page.getByTestId("reading-EDGE_SHOWN").click();
        click("as saved");
        page.getByTestId("lever-LIGHT_DISTANCE").click();
        assertThat(page.getByTestId("wanted").getByRole(AriaRole.STATUS)).containsText("The light is");
        page.keyboard().press("Escape");
        assertThat(changedReading("EDGE_SHOWN", half)).isCloseTo(saved, within(1.0));
        tab("Place");
        assertThat(Double.parseDouble(field("light.distanceMetres").inputValue()))
                .isLessThan(70);
    }

    @Test
    public void aPhotometricFileBecomesTheLight() throws IOException {
        tab("Source");
        Download saved = page.waitForDownload(() -> click("Save as IES file"));
        assertThat(saved.suggestedFilename()).isEqualTo("Smoked-mussel-chowder.ies");
        assertThat(Files.readString(saved.path())).startsWith("IES:LM-63-2019");
        page.getByTestId("lamp-file").setInputFiles(saved.path());
        assertThat(field("light.source.kind")).hasValue("measured-flash");
        settled();
        click("Undo");
        assertThat(field("light.source.kind")).hasValue("battery-flash");
        Path junk = Files.write(Files.createTempFile("lamp", ".ies"), new byte[] {1, 2, 3});
        page.getByTestId("lamp-file").setInputFiles(junk);
        assertThat(page.getByText("its first line must be").first()).isVisible();
        assertThat(field("light.source.kind")).hasValue("battery-flash");
        Files.delete(junk);
    }

    /** The mark that the set asks for goes to a light that can be set from afar. */
    @Test
    public void powerIsSetFromHere() {
        open("Smoked mussel chowder");
        tab("Power");
        Locator remote = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Set from here"));
        remote.getByRole(AriaRole.TEXTBOX).fill("127.0.0.1:1");
        remote.getByRole(AriaRole.TEXTBOX).press("Enter");
        assertThat(page.getByText("Nothing answers at").first()).isVisible();
        remote.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Practise without one"))
                .click();
        assertThat(remote.getByRole(AriaRole.STATUS)).containsText("At 1/1, ready");
        Locator set =
                remote.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Set 1")));
        String mark = set.textContent().substring("Set ".length());
        set.click();
        assertThat(remote.getByRole(AriaRole.STATUS)).containsText("At " + mark);
        assertThat(remote.getByText("It is set")).isDisabled();
        // another light of it has other marks, and says so
        remote.getByTestId("power.group").selectOption("B");
        remote.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Set 1")))
                .click();
        assertThat(page.getByText("no such mark").first()).isVisible();
        click("Disconnect the receiver");
        assertThat(remote.getByRole(AriaRole.TEXTBOX)).isVisible();
    }
}
