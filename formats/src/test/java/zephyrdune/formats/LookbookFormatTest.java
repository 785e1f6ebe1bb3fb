package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Lookbook;
import zephyrdune.set.look.NamedLook;
import zephyrdune.set.look.ReadyLooks;

public class LookbookFormatTest {

    private static final String ONE = """
            {"format": "zephyrdune-lookbook", "version": 1, "looks": [
              {"kind": "named-look", "title": "Ours", "why": "low and soft", "use": "soups",
               "bands": [{"kind": "height-band", "fromDegrees": 20, "toDegrees": 40},
                         {"kind": "direction-band", "fromHours": 1, "toHours": 3}]}]}
            """;

    private static Lookbook read(String text) throws BadFile {
        return LookbookFormat.read(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void readyLooksComeBackAsTheyWere() throws BadFile {
        byte[] file = LookbookFormat.write(new Lookbook(ReadyLooks.all()));
        assertThat(LookbookFormat.read(file).looks()).hasSize(9);
        assertThat(LookbookFormat.write(LookbookFormat.read(file))).isEqualTo(file);
    }

    @Test
    public void bandsAreInTheUnitsOfTheirNames() throws BadFile {
        assertThat(read(ONE).looks().get(0).bands().get(0).to()).isEqualTo(Math.toRadians(40));
        assertThat(read(ONE).looks().get(0).bands().get(1).from()).isEqualTo(Math.PI / 6);
    }

    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {"\"version\": 1", "\"version\": 2", "version", "version 1 is"},
            {"zephyrdune-lookbook", "zephyrdune-set", "format", "not a lookbook file"},
            {"\"toDegrees\": 40", "\"toDegrees\": 91", "looks[0].bands[0].toDegrees", "between 0 and 90 degrees"},
            {"\"fromDegrees\": 20", "\"fromDegrees\": 50", "looks[0].bands[0].fromDegrees", "ends before it begins"},
            {"direction-band", "height-band", "looks[0].bands[1].fromDegrees", "is missing"},
            {"direction-band", "mood-band", "looks[0].bands[1].kind", "must be one of direction-band"},
            {"\"Ours\"", "\"\"", "looks[0].title", "title"},
        };
    }

    @Test(dataProvider = "bad")
    public void whatIsWrongIsNamed(String part, String wrong, String field, String words) {
        assertThatThrownBy(() -> read(ONE.replace(part, wrong))).isInstanceOfSatisfying(BadFile.class, bad -> {
            assertThat(bad.problems().get(0).field()).isEqualTo(field);
            assertThat(bad.problems().get(0).detail()).contains(words);
        });
    }

    /** A set has its look in its own file. */
    @Test
    public void setsCarryTheirLook() throws BadFile {
        NamedLook look = read(ONE).looks().get(0);
        TableSet set = SetFormatTest.read(SetFiles.PLAIN).withLook(look);
        assertThat(SetFormat.read(SetFormat.write(set)).look()).isEqualTo(look);
    }
}
