package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The wall test over HTTP. */
public class WallApiTest extends RunningServer {

    private static final String BARE = "Bare head";
    private static final String DISH = "White beauty dish";

    @AfterMethod
    public void clear() {
        send(to("/api/wall-test").DELETE().build());
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private ObjectNode asked(String source, String... shapers) {
        ObjectNode ready = json(get("/api/kit/ready-made")).deepCopy().asObject();
        ObjectNode kit = ready.deepCopy();
        List.of("sources", "shapers", "gels", "boards", "places").forEach(kit::putArray);
        ready.get("sources").forEach(one -> {
            if (one.get("name").asString().equals(source)) {
                ((ArrayNode) kit.get("sources")).add(one);
            }
        });
        for (String shaper : shapers) {
            ready.get("shapers").forEach(one -> {
                if (one.get("name").asString().equals(shaper)) {
                    ((ArrayNode) kit.get("shapers")).add(one);
                }
            });
        }
        ObjectNode asked = JSON.createObjectNode()
                .put("distanceMetres", 1.5)
                .put("framedWidthMetres", 2.4)
                .put("aperture", 8)
                .put("shutterSeconds", 0.008)
                .put("speed", 100);
        asked.set("kit", kit);
        return asked;
    }

    private JsonNode begun(String... shapers) {
        return json(put("/api/wall-test", asked("Small battery flash", shapers).toString()));
    }

    private HttpResponse<byte[]> added(String shaper, byte[] file) {
        return send(to("/api/wall-test/frames?shaper=" + encoded(shaper))
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }

    private byte[] fired(String shaper) {
        HttpResponse<byte[]> response = send(to("/api/wall-test/practice-frames?kit=9&shaper=" + encoded(shaper))
                .POST(BodyPublishers.noBody())
                .build());
        assertThat(response.headers().firstValue("content-type")).contains("image/jpeg");
        return response.body();
    }

    private static String detail(HttpResponse<byte[]> response) {
        return json(response).get("detail").asString();
    }

    @Test
    public void framesOfTheWallTellTheShapers() {
        JsonNode begun = begun(BARE, DISH);
        assertThat(begun.get("steps").size()).isEqualTo(2);
        assertThat(begun.get("steps").get(0).get("bare").asBoolean()).isTrue();
        assertThat(begun.get("steps").get(1).get("mark").get("text").asString()).startsWith("1/");
        assertThat(begun.get("steps").get(1).get("found").isNull()).isTrue();

        // with the dish alone there is nothing to compare with
        JsonNode dish = json(added(DISH, fired(DISH)));
        assertThat(dish.get("steps").get(1).get("found").get("loss").isNull()).isTrue();
        JsonNode both = json(added(BARE, fired(BARE)));
        JsonNode found = both.get("steps").get(1).get("found");
        assertThat(found.get("trouble").asString()).isEmpty();
        assertThat(found.get("residual").asDouble()).isLessThan(0.05);
        assertThat(Math.abs(found.get("loss").asDouble())).isBetween(0.0, 1.5);
        assertThat(found.get("points").size()).isGreaterThan(50);
        JsonNode beam = found.get("numbers").get(0);
        assertThat(beam.get("unit").asString()).isEqualTo("degrees");
        // half of the intensity: 2 acos(0.5^(1 / 1.6)) of the ready-made dish
        assertThat(beam.get("stated").asDouble())
                .isCloseTo(Math.toDegrees(2 * Math.acos(Math.pow(0.5, 1 / 1.6))), within(1e-6));
        assertThat(beam.get("told").asBoolean()).isTrue();

        // what was learnt is a kit that can be saved as it is
        JsonNode learnt = both.get("learnt");
        assertThat(learnt.get("shapers").get(0).get("origin").asString()).isEqualTo("calibrated");
        ObjectNode kit = JSON.createObjectNode()
                .put("version", json(get("/api/kit")).get("version").asInt());
        kit.set("kit", learnt);
        assertThat(put("/api/kit", kit.toString()).statusCode()).isEqualTo(200);

        assertThat(json(get("/api/wall-test"))).isEqualTo(both);
        JsonNode without = json(send(
                to("/api/wall-test/frames?shaper=" + encoded(BARE)).DELETE().build()));
        assertThat(without.get("steps").get(0).get("found").isNull()).isTrue();
    }

    @Test
    public void aFrameThatSaysNothingIsRefusedAndTheOldOneStays() {
        begun(BARE, DISH);
        JsonNode before = json(added(DISH, fired(DISH)));
        HttpResponse<byte[]> text = added(DISH, "no picture".getBytes(StandardCharsets.UTF_8));
        assertThat(text.statusCode()).isEqualTo(422);
        HttpResponse<byte[]> none = added(DISH, new byte[0]);
        assertThat(none.statusCode()).isBetween(400, 422);
        HttpResponse<byte[]> strange = added("Colander", fired(DISH));
        assertThat(strange.statusCode()).isEqualTo(404);
        assertThat(detail(strange)).contains("Colander");
        assertThat(json(get("/api/wall-test"))).isEqualTo(before);
    }

    @Test
    public void badSetupsNameTheField() {
        assertThat(get("/api/wall-test").statusCode()).isEqualTo(204);
        HttpResponse<byte[]> early = added(BARE, new byte[0]);
        assertThat(early.statusCode()).isEqualTo(404);
        assertThat(detail(early)).contains("begin one");
        ObjectNode far = asked("Small battery flash", BARE).put("distanceMetres", 90);
        HttpResponse<byte[]> response = put("/api/wall-test", far.toString());
        assertThat(response.statusCode()).isEqualTo(422);
        assertThat(response.body()).asString(StandardCharsets.UTF_8).contains("distance");
        HttpResponse<byte[]> wall = put(
                "/api/wall-test",
                asked("Small battery flash", "Off the ceiling").toString());
        assertThat(wall.statusCode()).isEqualTo(422);
        assertThat(detail(wall)).contains("Off the ceiling");
        HttpResponse<byte[]> panel =
                put("/api/wall-test", asked("Flat LED panel", "Snoot").toString());
        assertThat(detail(panel)).contains("Snoot").contains("LED panel");
        assertThat(put("/api/wall-test", asked("Small battery flash").toString())
                        .statusCode())
                .isEqualTo(422);
        assertThat(put("/api/wall-test", asked("Unknown", BARE).toString()).statusCode())
                .isEqualTo(422);
        assertThat(get("/api/wall-test").statusCode()).isEqualTo(204);
    }
}
