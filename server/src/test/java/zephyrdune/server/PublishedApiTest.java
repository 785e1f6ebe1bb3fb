package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class PublishedApiTest extends RunningServer {

    private static final Path PUBLISHED = Path.of("..", "docs", "formats", "openapi.json");

    /** Run with -Dpublish=true to write the document anew after a change of the API. */
    @Test
    public void publishedDocumentIsTheOneInForce() throws IOException {
        JsonNode inForce = json(get("/api/openapi"));
        if (Boolean.getBoolean("publish")) {
            Files.writeString(PUBLISHED, inForce.toPrettyString() + "\n");
        }
        assertThat(JSON.readTree(Files.readAllBytes(PUBLISHED))).isEqualTo(inForce);
    }
}
