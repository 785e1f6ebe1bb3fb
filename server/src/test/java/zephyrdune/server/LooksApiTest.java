package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Looks, the lookbook and the next moves over HTTP. */
public class LooksApiTest extends RunningServer {

    private JsonNode ready(int at) {
        return json(get("/api/looks/ready-made")).get("looks").get(at);
    }

    private ObjectNode looking(JsonNode look) {
        ObjectNode set = chowder();
        ((ObjectNode) set.get("light")).put("clockHours", 5.5);
        set.set("look", look.deepCopy());
        return set;
    }

    private ObjectNode question(ObjectNode set, String pinned) {
        ObjectNode question = JSON.createObjectNode();
        question.set("set", set);
        question.set("kit", json(get("/api/kit/ready-made")));
        question.putArray("pinned").add(pinned);
        question.set("schools", json(get("/api/schools")));
        return question;
    }

    private HttpResponse<byte[]> ask(ObjectNode set, String fill) {
        ObjectNode question = question(set, "CAMERA");
        ((ObjectNode) question.get("schools")).put("fill", fill);
        return post("/api/next-moves", question.toString());
    }

    private static String body(int version, JsonNode book) {
        ObjectNode body = JSON.createObjectNode().put("version", version);
        body.set("lookbook", book);
        return body.toString();
    }

    @Test
    public void theLookbookIsKeptAndNothingIsOverwritten() {
        ObjectNode book = json(get("/api/looks/ready-made")).deepCopy().asObject();
        assertThat(book.get("looks").size()).isEqualTo(9);
        int seen = json(get("/api/lookbook")).get("version").asInt();
        assertThat(put("/api/lookbook", body(seen, book)).statusCode()).isEqualTo(200);
        assertThat(json(get("/api/lookbook")).get("lookbook")).isEqualTo(book);
        assertThat(put("/api/lookbook", body(seen, book)).statusCode()).isEqualTo(409);
        ((ArrayNode) book.get("looks")).add(book.get("looks").get(0).deepCopy());
        HttpResponse<byte[]> twice = put("/api/lookbook", body(seen + 1, book));
        assertThat(twice.statusCode()).isEqualTo(422);
        assertThat(json(twice).get("errors").get(0).get("field").asString()).isEqualTo("looks[9].title");
    }

    /** What is predicted of a move is what is read of the set it gives. */
    @Test
    public void nextMovesAreRankedAndTrue() {
        ObjectNode set = looking(ready(0));
        JsonNode moves = json(ask(set, "WHEN_NEEDED"));
        assertThat(moves.size()).isBetween(1, 3);
        for (JsonNode move : moves) {
            JsonNode after =
                    json(post("/api/readings", move.get("set").toString())).get("look");
            long met = 0;
            for (JsonNode verdict : after) {
                met += !verdict.get("value").isNull() && verdict.get("off").asDouble() == 0 ? 1 : 0;
            }
            assertThat(move.get("met").asLong())
                    .as(move.get("action").asString())
                    .isEqualTo(met);
            assertThat(move.get("bands").asInt()).isEqualTo(after.size());
        }
        assertThat(ask(set, "NEVER").statusCode()).isEqualTo(400);
        ObjectNode none = chowder();
        assertThat(json(ask(none, "BY_HABIT")).size()).as("no look").isZero();
        assertThat(json(post("/api/readings", none.toString())).get("look").size())
                .isZero();
    }

    @Test
    public void aLookOfTheSetIsMetByTheSet() {
        JsonNode book = json(post("/api/own-looks?title=Ours", chowder().toString()));
        JsonNode look = book.get("looks").get(0);
        assertThat(look.get("title").asString()).isEqualTo("Ours");
        ObjectNode set = chowder();
        set.set("look", look);
        JsonNode verdicts = json(post("/api/readings", set.toString())).get("look");
        assertThat(verdicts.size()).isEqualTo(look.get("bands").size()).isGreaterThan(6);
        for (JsonNode verdict : verdicts) {
            assertThat(verdict.get("off").asDouble()).as(verdict.toString()).isZero();
        }
    }

    @Test
    public void badBandsNameTheField() {
        ObjectNode set = looking(ready(0));
        ((ObjectNode) set.at("/look/bands/1")).put("fromDegrees", 80);
        HttpResponse<byte[]> answer = post("/api/readings", set.toString());
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(json(answer).get("errors").get(0).get("field").asString()).isEqualTo("look.bands[1].fromDegrees");
        assertThat(json(get("/api/aspects")).size()).isEqualTo(12);
    }

    /** It goes on by itself, the same question is one search, and what is done stays to be looked at. */
    @Test
    public void aSearchIsLookedInOn() throws InterruptedException {
        ObjectNode question = question(looking(ready(5)), "SHAPER").put("seed", 1);
        JsonNode begun = json(post("/api/searches", question.toString()));
        String path = "/api/searches/" + begun.get("id").asString();
        assertThat(json(post("/api/searches", question.toString())).get("id")).isEqualTo(begun.get("id"));
        JsonNode now = begun;
        for (int i = 0; i < 300 && now.get("state").asString().equals("RUNNING"); i++) {
            Thread.sleep(200);
            now = json(get(path));
        }
        assertThat(now.get("state").asString()).isEqualTo("DONE");
        assertThat(now.get("share").asDouble()).isEqualTo(1);
        assertThat(now.get("evaluated").asInt()).isGreaterThan(90);
        for (JsonNode placement : now.get("placements")) {
            assertThat(placement.get("set").get("format").asString()).isEqualTo("zephyrdune-set");
            assertThat(placement.get("changes").size()).isPositive();
        }
    }

    @Test
    public void aSearchIsStoppedAndWhatCannotBeSoughtIsRefused() {
        JsonNode begun = json(post(
                "/api/searches",
                question(looking(ready(1)), "CAMERA").put("seed", 7).toString()));
        String path = "/api/searches/" + begun.get("id").asString();
        assertThat(send("DELETE", path, new byte[0]).statusCode()).isEqualTo(204);
        assertThat(json(get(path)).get("state").asString()).isEqualTo("STOPPED");
        HttpResponse<byte[]> none = post(
                "/api/searches", question(chowder(), "CAMERA").put("seed", 1).toString());
        assertThat(none.statusCode()).isEqualTo(422);
        assertThat(json(none).get("errors").get(0).get("detail").asString()).contains("no look to search for");
        assertThat(get("/api/searches/00000000-0000-0000-0000-000000000000").statusCode())
                .isEqualTo(404);
    }
}
