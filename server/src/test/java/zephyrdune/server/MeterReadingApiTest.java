package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Hand meters over HTTP. */
public class MeterReadingApiTest extends RunningServer {

    private String set;

    @BeforeMethod
    public void newSet() {
        set = json(post("/api/sets", titled("Metered").toString())).get("id").asString();
    }

    /** What is learnt of the kit is of the readings of all sets. */
    @AfterMethod
    public void clear() {
        for (JsonNode reading : all()) {
            delete(reading);
        }
    }

    private JsonNode all() {
        return json(get("/api/sets/" + set + "/meter-readings"));
    }

    private int delete(JsonNode reading) {
        return send(to("/api/meter-readings/" + reading.get("id").asString())
                        .DELETE()
                        .build())
                .statusCode();
    }

    private HttpResponse<byte[]> read(String of, double value) {
        ObjectNode asked = JSON.createObjectNode().put("kind", "F_NUMBER").put("value", value);
        asked.set("set", chowder());
        return post("/api/sets/" + of + "/meter-readings", asked.toString());
    }

    private JsonNode learning() {
        ObjectNode question = JSON.createObjectNode().put("set", set);
        question.set("now", chowder());
        return json(post("/api/learning", question.toString()));
    }

    @Test
    public void whatIsReadOffIsKeptAndLearntFrom() {
        JsonNode first = json(read(set, 8));
        double off = first.get("reading").get("off").asDouble();
        JsonNode patch = first.get("told").get("patches").get(0);
        assertThat(patch.get("part").asString()).isEqualTo("METER");
        assertThat(patch.get("off").asDouble()).isCloseTo(off, within(1e-9));
        assertThat(first.get("told").get("next").get("mark").asString()).isNotEmpty();
        JsonNode second = json(read(set, 11));
        assertThat(second.get("reading").get("off").asDouble()).isCloseTo(off + 1, within(0.03));

        assertThat(all().size()).isEqualTo(2);
        assertThat(all().get(1).get("value").asDouble()).isEqualTo(11);
        JsonNode learnt = learning();
        assertThat(learnt.get("frames").asInt()).isEqualTo(2);
        assertThat(learnt.get("lightsSpread").asDouble()).isLessThan(0.2);

        assertThat(delete(second.get("reading"))).isEqualTo(204);
        assertThat(delete(second.get("reading"))).isEqualTo(404);
        assertThat(learning().get("frames").asInt()).isEqualTo(1);
    }

    @Test
    public void whatNoMeterShowsIsRefusedByName() {
        HttpResponse<byte[]> nothing = read(set, 0);
        assertThat(nothing.statusCode()).isEqualTo(422);
        assertThat(json(nothing).get("errors").get(0).get("field").asString()).isEqualTo("value");
        assertThat(read("00000000-0000-0000-0000-000000000000", 8).statusCode()).isEqualTo(404);
        assertThat(all().size()).isZero();
    }

    /** The practice meter shows what a real one would: an f-number near the set's own. */
    @Test
    public void thePracticeMeterIsReadOff() {
        HttpResponse<byte[]> shown =
                post("/api/practice-meter?kit=9&kind=F_NUMBER", chowder().toString());
        double value = json(shown).get("value").asDouble();
        assertThat(value).isBetween(3.0, 11.0);
        assertThat(Math.abs(json(read(set, value)).get("reading").get("off").asDouble()))
                .isBetween(0.0, 1.5);
        assertThat(post("/api/practice-meter?kit=9&kind=SUNDIAL", chowder().toString())
                        .statusCode())
                .isEqualTo(400);
    }
}
