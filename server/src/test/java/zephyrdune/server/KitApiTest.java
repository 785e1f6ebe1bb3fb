package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The kit over HTTP, and advice on power, room light and softness. */
public class KitApiTest extends RunningServer {

    private static String body(int version, JsonNode kit) {
        ObjectNode body = JSON.createObjectNode().put("version", version);
        body.set("kit", kit);
        return body.toString();
    }

    private JsonNode saved(JsonNode kit) {
        int version = json(get("/api/kit")).get("version").asInt();
        HttpResponse<byte[]> response = put("/api/kit", body(version, kit));
        assertThat(response.statusCode()).isEqualTo(200);
        return json(response);
    }

    @Test
    public void theKitIsKeptAndNothingIsOverwritten() {
        JsonNode ready = json(get("/api/kit/ready-made"));
        assertThat(ready.get("shapers").size()).isGreaterThan(25);
        JsonNode first = saved(ready);
        assertThat(json(get("/api/kit")).get("kit")).isEqualTo(first.get("kit"));
        // somebody else saves in between
        ObjectNode fewer = ready.deepCopy().asObject();
        fewer.putArray("boards");
        saved(fewer);
        HttpResponse<byte[]> late = put("/api/kit", body(first.get("version").asInt(), ready));
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(json(late).get("detail").asString()).contains("changed elsewhere");
        assertThat(json(get("/api/kit")).get("kit").get("boards").size()).isZero();
    }

    @Test
    public void badKitsNameTheField() {
        ObjectNode ready = json(get("/api/kit/ready-made")).deepCopy().asObject();
        ArrayNode boards = (ArrayNode) ready.get("boards");
        boards.add(boards.get(0).deepCopy());
        HttpResponse<byte[]> twice = put("/api/kit", body(0, ready));
        assertThat(twice.statusCode()).isEqualTo(422);
        assertThat(json(twice).get("errors").get(0).get("field").asString())
                .isEqualTo("boards[" + (boards.size() - 1) + "].name");
        assertThat(put("/api/kit", "{\"version\":0,\"kit\":{}}").statusCode()).isEqualTo(422);
        assertThat(put("/api/kit", "x".repeat(10_000_000)).statusCode()).isIn(400, 413);
    }

    @Test
    public void adviceAtTheDialsEnd() {
        ObjectNode set = titled("Weak");
        assertThat(json(post("/api/power-help", set.toString())).size()).isZero();
        ((ObjectNode) set.at("/light/source/output")).put("guideNumberMetres", 3);
        JsonNode help = json(post("/api/power-help", set.toString()));
        assertThat(help.size()).isGreaterThanOrEqualTo(3);
        for (JsonNode way : help) {
            assertThat(way.get("gainedStops").asDouble()).isPositive();
            assertThat(way.get("set").get("format").asString()).isEqualTo("zephyrdune-set");
        }
        JsonNode marks = json(post("/api/dial-marks", set.toString()));
        assertThat(marks.size()).isEqualTo(22);
        assertThat(marks.get(1).get("text").asString()).isEqualTo("1/2 + 2/3");
    }

    @Test
    public void roomLightByWhatOneCanFindOut() {
        assertThat(json(get("/api/place-lights")).size()).isGreaterThan(4);
        JsonNode metered =
                json(post("/api/room-levels?by=METER&value=7", titled("Room").toString()));
        assertThat(metered.get("lux").asDouble()).isCloseTo(320, within(1e-9));
        assertThat(post("/api/room-levels?by=FRAME&value=NaN", titled("Room").toString())
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    public void theSameSoftnessByAnotherLight() {
        ObjectNode set = titled("Soft");
        ObjectNode other = set.deepCopy();
        ((ObjectNode) other.at("/light/face")).put("widthMetres", 0.3).put("heightMetres", 0.3);
        ObjectNode body = JSON.createObjectNode();
        body.set("set", set);
        body.set("other", other);
        JsonNode same = json(post("/api/same-softness", body.toString()));
        assertThat(same.get("atTip").asDouble()).isBetween(0.4, 0.6);
        assertThat(same.get("changes").size()).isGreaterThan(5);
    }

    @Test
    public void theChainIsInTheReadings() {
        JsonNode chain = json(post("/api/readings", titled("Chain").toString())).get("chain");
        assertThat(chain.get(0).get("title").asString()).isEqualTo("Source");
        assertThat(chain.get(chain.size() - 1).get("field").asString()).isEqualTo("light.losses[0].amountStops");
    }
}
