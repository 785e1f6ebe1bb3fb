package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.nio.charset.StandardCharsets;
import org.testng.annotations.Test;
import zephyrdune.set.TableSet;

/** Ten thousand spoiled files: each is read or refused with a reason, never anything else, and never at length. */
public class SetFuzzTest {

    private static final int FILES = 10_000;

    @Test(timeOut = 120_000)
    public void spoiledFilesAreReadOrRefused() {
        Mutations mutations = new Mutations(2_026);
        int refused = 0;
        for (int i = 0; i < FILES; i++) {
            byte[] file = mutations.spoil(SetFiles.PLAIN);
            try {
                TableSet set = SetFormat.read(file);
                assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
            } catch (BadFile bad) {
                assertThat(bad.problems())
                        .isNotEmpty()
                        .allSatisfy(problem -> assertThat(problem.detail()).isNotBlank());
                refused++;
            }
        }
        assertThat(refused).isBetween(FILES / 2, FILES - 1);
    }

    /** The published schema says the same as the reader, by an independent validator, but for what only geometry knows. */
    @Test(timeOut = 120_000)
    public void schemaAndReaderAgree() {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(SetSchema.document().toString(), InputFormat.JSON);
        Mutations mutations = new Mutations(7);
        int agreed = 0;
        for (int i = 0; i < 6_000; i++) {
            byte[] file = mutations.spoil(SetFiles.PLAIN);
            boolean valid;
            try {
                valid = schema.validate(new String(file, StandardCharsets.UTF_8), InputFormat.JSON)
                        .isEmpty();
            } catch (RuntimeException unreadable) {
                continue;
            }
            try {
                SetFormat.read(file);
                assertThat(valid)
                        .as("read, so the schema allows it: %s", new String(file, StandardCharsets.UTF_8))
                        .isTrue();
                agreed++;
            } catch (BadFile bad) {
                boolean geometry = bad.problems().stream()
                        .allMatch(problem -> problem.value().isEmpty()
                                && !problem.detail().contains("is missing")
                                && !problem.field().isEmpty());
                boolean notJson = bad.problems().get(0).field().isEmpty();
                if (!geometry && !notJson) {
                    assertThat(valid)
                            .as("refused for %s: %s", bad.problems(), new String(file, StandardCharsets.UTF_8))
                            .isFalse();
                    agreed++;
                }
            }
        }
        assertThat(agreed).isGreaterThan(500);
    }
}
