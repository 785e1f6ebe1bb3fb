package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

public class SetsApiTest extends RunningServer {

    private JsonNode added(ObjectNode set) {
        HttpResponse<byte[]> response = post("/api/sets", set.toString());
        assertThat(response.statusCode()).isEqualTo(201);
        JsonNode stored = json(response);
        assertThat(response.headers().firstValue("location"))
                .hasValue("/api/sets/" + stored.get("id").asString());
        return stored;
    }

    private static String path(JsonNode stored) {
        return "/api/sets/" + stored.get("id").asString();
    }

    private static String save(int version, ObjectNode set) {
        ObjectNode body = JSON.createObjectNode().put("version", version);
        body.set("set", set);
        return body.toString();
    }

    private boolean isListed(JsonNode stored) {
        return json(get("/api/sets"))
                .valueStream()
                .anyMatch(row -> row.get("id").equals(stored.get("id")));
    }

    @Test
    public void whatIsAddedIsThere() {
        ObjectNode set = titled("Added");
        JsonNode stored = added(set);
        assertThat(stored.get("version").asInt()).isEqualTo(1);
        JsonNode found = json(get(path(stored)));
        assertThat(found).isEqualTo(stored);
        assertThat(found.get("set").get("title").asString()).isEqualTo("Added");
        assertThat(found.get("set").get("light").get("distanceMetres").asDouble())
                .isEqualTo(0.9);
    }

    @Test
    public void savingCountsTheVersionUpAndHeadsTheList() {
        JsonNode stored = added(titled("Before"));
        JsonNode saved = json(put(path(stored), save(1, titled("After"))));
        assertThat(saved.get("version").asInt()).isEqualTo(2);
        JsonNode first = json(get("/api/sets")).get(0);
        assertThat(first.get("id")).isEqualTo(stored.get("id"));
        assertThat(first.get("title").asString()).isEqualTo("After");
    }

    @Test
    public void anOlderCopyIsToldAndNothingIsOverwritten() {
        JsonNode stored = added(titled("One"));
        assertThat(put(path(stored), save(1, titled("Two"))).statusCode()).isEqualTo(200);
        HttpResponse<byte[]> late = put(path(stored), save(1, titled("Three")));
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(late.headers().firstValue("content-type")).hasValue("application/problem+json");
        JsonNode problem = json(late);
        assertThat(problem.get("type").asString()).isEqualTo("urn:zephyrdune:problem:saved-since");
        assertThat(problem.get("current").get("version").asInt()).isEqualTo(2);
        assertThat(problem.get("current").get("set").get("title").asString()).isEqualTo("Two");
        assertThat(json(get(path(stored))).get("set").get("title").asString()).isEqualTo("Two");
    }

    @Test
    public void deletedSetsAreGoneUntilTheyAreBroughtBack() {
        JsonNode stored = added(titled("Gone"));
        assertThat(send("DELETE", path(stored) + "?version=7", new byte[0]).statusCode())
                .as("of a version that nobody has seen")
                .isEqualTo(409);
        assertThat(isListed(stored)).isTrue();
        assertThat(send("DELETE", path(stored) + "?version=1", new byte[0]).statusCode())
                .isEqualTo(204);
        assertThat(get(path(stored)).statusCode()).isEqualTo(404);
        assertThat(put(path(stored), save(1, titled("x"))).statusCode()).isEqualTo(404);
        assertThat(send("DELETE", path(stored) + "?version=1", new byte[0]).statusCode())
                .isEqualTo(404);
        assertThat(json(get("/api/sets/deleted")).get(0).get("id")).isEqualTo(stored.get("id"));
        assertThat(isListed(stored)).isFalse();
        JsonNode back = json(post(path(stored) + "/restore", ""));
        assertThat(back).isEqualTo(stored);
        assertThat(isListed(stored)).isTrue();
    }

    @Test
    public void copiesAreSetsOfTheirOwn() {
        JsonNode stored = added(titled("x".repeat(80)));
        JsonNode copy = json(post(path(stored) + "/copies", ""));
        assertThat(copy.get("id")).isNotEqualTo(stored.get("id"));
        assertThat(copy.get("set").get("title").asString()).hasSize(80).endsWith("x (copy)");
        assertThat(copy.get("set").get("light")).isEqualTo(stored.get("set").get("light"));
    }

    @Test
    public void anUnknownSetIsMissing() {
        for (String path : new String[] {"", "/restore", "/copies"}) {
            String unknown = "/api/sets/" + UUID.randomUUID() + path;
            HttpResponse<byte[]> response = path.isEmpty() ? get(unknown) : post(unknown, "");
            assertThat(response.statusCode()).isEqualTo(404);
            assertThat(json(response).get("detail").asString()).isNotBlank();
        }
    }

    @Test
    public void savedSetsHaveAPictureOfTheirVersion() {
        JsonNode stored = added(titled("Pictured"));
        HttpResponse<byte[]> first = get(path(stored) + "/picture?version=1");
        assertThat(first.statusCode()).isEqualTo(200);
        assertThat(first.headers().firstValue("content-type")).hasValue("image/png");
        assertThat(get(path(stored) + "/picture?version=1").body()).as("kept").isEqualTo(first.body());
        ObjectNode bare = titled("Pictured");
        bare.putArray("props");
        put(path(stored), save(1, bare));
        assertThat(get(path(stored) + "/picture?version=2").body()).isNotEqualTo(first.body());
        assertThat(get(path(stored) + "/picture?version=1").statusCode())
                .as("of a version that is no longer saved")
                .isEqualTo(404);
    }

    @Test
    public void whenASetWasOpenedIsRemembered() {
        JsonNode stored = added(titled("Opened"));
        assertThat(openedAt(stored)).isEmpty();
        assertThat(post(path(stored) + "/opened", "").statusCode()).isEqualTo(204);
        assertThat(openedAt(stored)).isNotEmpty();
    }

    private String openedAt(JsonNode stored) {
        return json(get("/api/sets"))
                .valueStream()
                .filter(row -> row.get("id").equals(stored.get("id")))
                .map(row -> row.path("openedAt").asString(""))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void demoSetsWereLoadedAndAreGood() {
        JsonNode list = json(get("/api/sets"));
        assertThat(list.valueStream().map(row -> row.get("title").asString()))
                .contains("Rye crispbread tower", "Pear and almond tart", "Elderflower cordial");
    }
}
