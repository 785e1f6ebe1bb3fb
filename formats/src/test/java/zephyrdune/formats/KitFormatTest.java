package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;
import zephyrdune.formats.BadFile.Problem;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.ReadyMade;

/** Kit files: there and back, by the schema, and refused by name. */
public class KitFormatTest {

    private static String text(Kit kit) {
        return new String(KitFormat.write(kit), StandardCharsets.UTF_8);
    }

    private static Kit read(String text) throws BadFile {
        return KitFormat.read(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void readyMadeGoesToAFileAndBack() throws BadFile {
        Kit once = read(text(ReadyMade.kit()));
        assertThat(once.shapers()).hasSameSizeAs(ReadyMade.kit().shapers());
        assertThat(read(text(once))).isEqualTo(once);
        assertThat(read(text(Kit.EMPTY))).isEqualTo(Kit.EMPTY);
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(SetSchema.kitDocument().toString(), InputFormat.JSON)
                        .validate(text(once), InputFormat.JSON))
                .isEmpty();
    }

    @Test
    public void theFirstVersionHadNoGels() throws BadFile {
        Kit kit = ReadyMade.kit();
        String first = text(kit)
                .replaceFirst("\"version\" : 4", "\"version\" : 1")
                .replaceFirst("(?s)\"gels\" : \\[.*?\\],\\s*(?=\"boards\")", "");
        assertThat(read(first).gels()).isEmpty();
        assertThat(read(first).shapers()).hasSameSizeAs(kit.shapers());
        assertThat(KitFormat.kept(first).get("gels")).isEmpty();
    }

    @Test
    public void theSecondVersionKeepsItsGels() throws BadFile {
        Kit kit = ReadyMade.kit();
        String second = text(kit).replaceFirst("\"version\" : 4", "\"version\" : 2");
        assertThat(read(second)).isEqualTo(kit);
        assertThat(KitFormat.kept(second).get("gels")).hasSameSizeAs(kit.gels());
    }

    @Test
    public void whatIsWrongIsNamed() {
        String text = text(ReadyMade.kit());
        BadFile twice = catchThrowableOfType(
                BadFile.class, () -> read(text.replace("\"Deep reflector\"", "\"standard reflector\"")));
        assertThat(twice.problems()).extracting(Problem::field).containsExactly("shapers[2].name");
        BadFile big = catchThrowableOfType(
                BadFile.class, () -> read(text.replaceFirst("\"recycleSeconds\" : 2.6", "\"recycleSeconds\" : 1e999")));
        assertThat(big.problems()).extracting(Problem::field).containsExactly("sources[0].source.recycleSeconds");
        BadFile unfit = catchThrowableOfType(
                BadFile.class,
                () -> read(
                        text.replaceFirst("(?s)(\"kind\" : \"in-a?-?box\".*?\"kind\" : )\"diffuse\"", "$1\"bare\"")));
        assertThat(unfit.problems().get(0).field()).startsWith("shapers[").endsWith("].spread");
        assertThatThrownBy(() -> read("{}")).isInstanceOf(BadFile.class).hasMessageContaining("not a kit file");
        assertThatThrownBy(() -> read(text.replaceFirst("\"version\" : 4", "\"version\" : 7")))
                .hasMessageContaining("version");
        assertThatThrownBy(() -> KitFormat.read(new byte[KitFormat.LONGEST_FILE + 1]))
                .hasMessageContaining("too long");
        assertThatThrownBy(() -> read("[1,2")).hasMessageContaining("JSON");
    }
}
