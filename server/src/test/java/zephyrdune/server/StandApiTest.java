package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The set sheet, and what is ticked off of it, over HTTP. */
public class StandApiTest extends RunningServer {

    private String set;

    @BeforeMethod
    public void newSet() {
        set = json(post("/api/sets", titled("At the stand").toString()))
                .get("id")
                .asString();
    }

    private static ArrayNode ticks(double value, boolean done, String at) {
        ArrayNode ticks = JSON.createArrayNode();
        ObjectNode tick = ticks.addObject()
                .put("part", "LIGHT")
                .put("number", 1)
                .put("measure", "ALONG")
                .put("at", at);
        tick.put("value", value).put("done", done);
        return ticks;
    }

    private JsonNode ticked(double value, boolean done, String at) {
        return json(put("/api/sets/" + set + "/ticks", ticks(value, done, at).toString()));
    }

    @Test
    public void aSetTellsHowItIsBuiltUp() {
        JsonNode sheet = json(post("/api/set-sheets", chowder().toString()));
        JsonNode light = sheet.get("parts")
                .valueStream()
                .filter(part -> part.get("kind").asString().equals("LIGHT"))
                .findFirst()
                .orElseThrow();
        JsonNode straight = light.get("lines")
                .valueStream()
                .filter(line -> line.get("measure").asString().equals("STRAIGHT"))
                .findFirst()
                .orElseThrow();
        assertThat(straight.get("value").asDouble())
                .isCloseTo(chowder().get("light").get("distanceMetres").asDouble(), within(1e-9));
        assertThat(straight.get("unit").asString()).isEqualTo("METRE");
        assertThat(straight.get("more").asString()).isEqualTo("farther");
        assertThat(sheet.get("mark").asString()).isNotEmpty();
    }

    /** Of each line what was done last counts, in whatever order it comes in. */
    @Test
    public void theNewestTickCounts() {
        assertThat(ticked(0.7, true, "2026-03-04T10:00:00Z").get(0).get("value").asDouble())
                .isEqualTo(0.7);
        assertThat(ticked(0.5, true, "2026-03-04T09:00:00Z").get(0).get("value").asDouble())
                .isEqualTo(0.7);
        assertThat(ticked(0.7, false, "2026-03-04T10:05:00Z").get(0).get("done").asBoolean())
                .isFalse();
        JsonNode kept = json(get("/api/sets/" + set + "/ticks"));
        assertThat(kept.size()).isEqualTo(1);
    }

    /** A phone whose clock is a day ahead does not keep others from ticking. */
    @Test
    public void aClockThatIsAheadCountsAsNow() {
        JsonNode ahead = ticked(0.7, true, Instant.now().plusSeconds(86_400).toString());
        assertThat(Instant.parse(ahead.get(0).get("at").asString())).isBeforeOrEqualTo(Instant.now());
        assertThat(ticked(0.8, true, Instant.now().toString())
                        .get(0)
                        .get("value")
                        .asDouble())
                .isEqualTo(0.8);
    }

    @Test
    public void whatIsNoTickIsRefused() {
        ArrayNode many = JSON.createArrayNode();
        for (int i = 0; i < 501; i++) {
            many.add(ticks(0.5, true, "2026-03-04T10:00:00Z").get(0));
        }
        HttpResponse<byte[]> refused = put("/api/sets/" + set + "/ticks", many.toString());
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(json(refused).get("detail").asString()).contains("500");
        assertThat(put(
                                "/api/sets/" + UUID.randomUUID() + "/ticks",
                                ticks(0.5, true, "2026-03-04T10:00:00Z").toString())
                        .statusCode())
                .isEqualTo(404);
    }
}
