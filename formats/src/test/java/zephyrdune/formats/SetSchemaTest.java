package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

public class SetSchemaTest {

    private static final Path PUBLISHED = Path.of("..", "docs", "formats");

    /** Run with -Dpublish=true to write the documents anew after a change of the records. */
    @Test
    public void publishedDocumentsAreThoseInForce() throws IOException {
        published("zephyrdune-set-12.schema.json", SetSchema.document());
        published("zephyrdune-kit-4.schema.json", SetSchema.kitDocument());
        published("zephyrdune-lookbook-1.schema.json", SetSchema.lookbookDocument());
        published("zephyrdune-shoot-2.schema.json", SetSchema.shootDocument());
        published("zephyrdune-marks-1.schema.json", SetSchema.marksDocument());
    }

    private static void published(String name, JsonNode schema) throws IOException {
        Path file = PUBLISHED.resolve(name);
        String document = schema.toPrettyString() + "\n";
        if (Boolean.getBoolean("publish")) {
            Files.writeString(file, document);
        }
        assertThat(file).hasContent(document);
    }

    /** The angles of versions 1 and 2, which became degrees. */
    private static final List<String> GONE = List.of("overhead", "forty-five", "straight-on");

    /** What a kind or a choice was once called in a file it is called for good, whatever becomes of the class behind it. */
    @Test
    public void everyWordOfOlderVersionsIsUnderstood() throws IOException {
        Set<String> now = words(SetSchema.document());
        assertThat(now).hasSizeGreaterThan(140);
        for (int version = 1; version < SetFormat.VERSION; version++) {
            Set<String> then = words(JsonMapper.shared()
                    .readTree(Files.readString(PUBLISHED.resolve("zephyrdune-set-%d.schema.json".formatted(version)))));
            then.removeAll(GONE);
            assertThat(now).as("version %d", version).containsAll(then);
        }
    }

    private static Set<String> words(JsonNode schema) {
        Set<String> words = new TreeSet<>();
        schema.findValues("const").stream().filter(JsonNode::isString).forEach(word -> words.add(word.asString()));
        schema.findValues("enum").forEach(choices -> choices.forEach(word -> words.add(word.asString())));
        return words;
    }

    /** Every limit in the schema is the reader's: its ends pass, and what lies beyond is refused by that field's name. */
    @Test
    public void everyLimitHoldsInTheReader() throws BadFile {
        JsonMapper json = JsonMapper.shared();
        ObjectNode plain = (ObjectNode) json.readTree(SetFiles.PLAIN);
        int limits = 0;
        for (String part : new String[] {"camera", "light", "light.gel", "backdrop", "exposure", "ambient"}) {
            String last = part.substring(part.indexOf('.') + 1);
            String type = last.substring(0, 1).toUpperCase() + last.substring(1);
            JsonNode properties = SetSchema.document().at("/$defs/" + type + "/properties");
            for (String field : properties.propertyNames()) {
                JsonNode most = properties.get(field).get("maximum");
                if (most != null) {
                    double beyond = most.asDouble() * (1 + 1e-9) + 1e-9;
                    assertThat(problemAt(plain, part, field, beyond)).isEqualTo(part + "." + field);
                    double below = properties.get(field).get("minimum").asDouble() - 1e-9;
                    assertThat(problemAt(plain, part, field, below)).isEqualTo(part + "." + field);
                    limits++;
                }
            }
        }
        assertThat(limits).isEqualTo(29);
    }

    private static String problemAt(ObjectNode plain, String part, String field, double value) {
        ObjectNode changed = plain.deepCopy();
        ((ObjectNode) changed.at("/" + part.replace('.', '/'))).put(field, value);
        try {
            SetFormat.read(changed);
            return "nowhere";
        } catch (BadFile bad) {
            return bad.problems().get(0).field();
        }
    }
}
