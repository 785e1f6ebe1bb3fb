package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The log over HTTP: what was kept is found by words and by its light, and a set is rebuilt from it. */
public class RecordsApiTest extends RunningServer {

    private String set;
    private String left;
    private String front;

    @BeforeClass
    public void keepTwoTakes() throws InterruptedException {
        set = json(post("/api/sets", titled("Quince jelly").toString()))
                .get("id")
                .asString();
        left = take("Käse first", turned(9));
        front = take("second try", turned(6));
        for (int i = 0; i < 600 && found("").get("pending").asInt() > 0; i++) {
            Thread.sleep(100);
        }
    }

    private static ObjectNode turned(double hours) {
        ObjectNode turned = titled("Quince jelly");
        ((ObjectNode) turned.get("light")).put("clockHours", hours);
        return turned;
    }

    private String take(String name, ObjectNode of) {
        ObjectNode take = JSON.createObjectNode().put("name", name).put("about", "");
        take.putArray("off");
        take.set("set", of);
        return json(post("/api/sets/" + set + "/takes", take.toString()))
                .get("id")
                .asString();
    }

    private JsonNode found(String query) {
        return json(get("/api/records?" + query));
    }

    private List<String> ids(String query) {
        List<String> ids = new ArrayList<>();
        found(query + "&set=" + set)
                .get("records")
                .forEach(record -> ids.add(record.get("id").asString()));
        return ids;
    }

    private static String words(String words) {
        return "words=" + URLEncoder.encode(words, StandardCharsets.UTF_8);
    }

    @Test
    public void foundByWordsInAnyScriptAndByTheLight() {
        assertThat(ids("")).containsExactlyInAnyOrder(left, front);
        assertThat(ids(words("quin jel"))).hasSize(2);
        assertThat(ids(words("KÄSE"))).containsExactly(left);
        assertThat(ids(words("quince left"))).containsExactly(left);
        assertThat(ids(words("quince & | ! ') drop:*"))).isEmpty();
        assertThat(ids("side=FRONT")).containsExactly(front);
        assertThat(ids("kind=FRAME")).isEmpty();
        assertThat(ids("from=2100-01-01T00:00:00Z")).isEmpty();
        JsonNode record = found(words("käse") + "&set=" + set).get("records").get(0);
        assertThat(record.get("readings").toString()).contains("SHADOW_EDGE").contains("SHADE");
        assertThat(record.get("setTitle").asString()).isEqualTo("Quince jelly");
        String softness = record.get("words").get(1).asString();
        assertThat(ids("softness=" + URLEncoder.encode(softness, StandardCharsets.UTF_8)))
                .contains(left);
    }

    @Test
    public void notesAreKeptAndFound() {
        ObjectNode note = JSON.createObjectNode()
                .put("notes", "as in the harbour, pérfect")
                .put("rating", 5);
        assertThat(put("/api/records/" + left, note.toString()).statusCode()).isEqualTo(204);
        assertThat(ids(words("pérfect harbour"))).containsExactly(left);
        HttpResponse<byte[]> file = get("/api/records/" + left + "/notes-file?lengths=CENTIMETRES");
        assertThat(new String(file.body(), StandardCharsets.UTF_8))
                .contains("pérfect")
                .contains("Quince jelly");
        assertThat(put("/api/records/" + left, note.put("rating", 6).toString()).statusCode())
                .isEqualTo(422);
        HttpResponse<byte[]> nobody =
                put("/api/records/" + UUID.randomUUID(), note.put("rating", 1).toString());
        assertThat(nobody.statusCode()).isEqualTo(404);
    }

    /** A shoot that the set is photographed at is found by its client. */
    @Test
    public void foundByTheClient() {
        JsonNode list = json(get("/api/shoots"));
        assertThat(list.toString()).contains("Lantern Wharf Canteen");
        String shoot = list.get(0).get("id").asString();
        ObjectNode stored = (ObjectNode) json(get("/api/shoots/" + shoot));
        ObjectNode client = ((ObjectNode) stored.get("shoot")).put("client", "Quayside Bakery");
        ((ObjectNode) client.get("dishes").get(0).get("shots").get(0))
                .set("set", JSON.createObjectNode().put("kind", "kept-set").put("id", set));
        assertThat(post("/api/shoots", client.toString()).statusCode()).isEqualTo(201);
        assertThat(ids(words("quayside second"))).containsExactly(front);
    }

    @Test
    public void othersLikeThisOneComeNearestFirst() {
        take("nearly the same", turned(9.2));
        while (found("").get("pending").asInt() > 0) {
            Thread.onSpinWait();
        }
        JsonNode alike = json(get("/api/records/" + left + "/alike"));
        List<String> names = new ArrayList<>();
        alike.forEach(record -> names.add(record.get("name").asString()));
        assertThat(names.indexOf("nearly the same")).isZero();
        assertThat(names.indexOf("second try")).isPositive();
        assertThat(get("/api/records/" + UUID.randomUUID() + "/alike").statusCode())
                .isEqualTo(404);
    }

    /** The moves from what stands to what was recorded, and none between a record and itself. */
    @Test
    public void aRecordIsRebuilt() {
        JsonNode recorded = json(get("/api/records/" + left + "/set")).get("set");
        ObjectNode question = JSON.createObjectNode();
        question.set("stands", turned(6));
        question.set("wanted", recorded);
        JsonNode steps = json(post("/api/set-changes", question.toString()));
        assertThat(steps.get(0).get("kind").asString()).isEqualTo("LIGHT_PLACE");
        assertThat(steps.get(0).get("lines").toString()).contains("CLOCK");
        question.set("stands", recorded);
        assertThat(json(post("/api/set-changes", question.toString())).size()).isZero();
    }
}
