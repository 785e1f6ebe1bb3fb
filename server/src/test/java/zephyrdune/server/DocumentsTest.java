package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.SetFormat;

/** What is accepted can be read, however long it is written, and what was kept before is there. */
public class DocumentsTest extends RunningServer {

    private static final OffsetDateTime KEPT_AT = OffsetDateTime.parse("2026-03-01T12:00:00Z");

    @Autowired
    private JdbcClient jdbc;

    /** A card with a pattern of so many corners. */
    static ObjectNode card(int corners, double clock) {
        ObjectNode card = JSON.createObjectNode()
                .put("surface", "black-paper")
                .put("widthMetres", 0.6)
                .put("heightMetres", 0.6)
                .put("clockHours", clock)
                .put("distanceMetres", 0.25)
                .put("liftMetres", 0.1)
                .put("turnDegrees", 0)
                .put("leanDegrees", 0)
                .put("bendDegrees", 0);
        ObjectNode cut = card.putObject("cut")
                .put("turnDegrees", 0)
                .put("rightMetres", 0)
                .put("upMetres", 0);
        ArrayNode points = cut.putObject("holes")
                .put("kind", "own-holes")
                .put("name", "Saw")
                .put("widthMetres", 0.4)
                .putArray("outlines")
                .addObject()
                .putArray("points");
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * i / corners;
            double out = i % 2 == 0 ? 0.5 : 0.41234567890123;
            points.add(out * Math.cos(turn)).add(out * Math.sin(turn));
        }
        return card;
    }

    @Test
    public void twelveCardsOfAsManyCornersAsThereMayBe() {
        ObjectNode set = titled("Saws");
        ArrayNode cards = set.putArray("cards");
        for (int i = 0; i < 12; i++) {
            cards.add(card(1500, i));
        }
        assertThat(set.toString().length()).isGreaterThan(262_144);
        HttpResponse<byte[]> added = post("/api/sets", set.toString());
        assertThat(added.statusCode()).isEqualTo(201);
        String path = "/api/sets/" + json(added).get("id").asString();
        JsonNode kept = json(get(path)).get("set");
        assertThat(kept.get("cards")).hasSize(12);
        ObjectNode save = JSON.createObjectNode().put("version", 1);
        save.set("set", kept);
        assertThat(put(path, save.toString()).statusCode()).isEqualTo(200);
        assertThat(send("DELETE", path + "?version=2", new byte[0]).statusCode())
                .isEqualTo(204);
    }

    @Test
    public void numbersThatAreLongWithoutTheirExponent() {
        ObjectNode set = titled("Tiny");
        ((ObjectNode) set.get("light").get("gel")).put("shiftMired", 1e-300);
        JsonNode added = json(post("/api/sets", set.toString()));
        JsonNode kept = json(get("/api/sets/" + added.get("id").asString()));
        assertThat(kept.get("set").get("light").get("gel").get("shiftMired").asDouble())
                .isEqualTo(1e-300);
    }

    @Test
    public void aKitFullOfMeasuredLamps() {
        JsonNode before = json(get("/api/kit"));
        ObjectNode kit = (ObjectNode) before.get("kit").deepCopy();
        ArrayNode sources = kit.putArray("sources");
        for (int lamp = 0; lamp < 40; lamp++) {
            ObjectNode source = sources.addObject().put("name", "Lamp " + lamp).put("origin", "entered");
            ObjectNode measured = source.putObject("source")
                    .put("kind", "measured-lamp")
                    .put("name", "Lamp")
                    .put("axes", "c");
            ArrayNode vertical = measured.putArray("verticalDegrees");
            for (int i = 0; i <= 180; i += 2) {
                vertical.add(i);
            }
            ArrayNode horizontal = measured.putArray("horizontalDegrees");
            for (int i = 0; i <= 360; i += 10) {
                horizontal.add(i);
            }
            ArrayNode intensity = measured.putArray("intensityCandela");
            for (int i = 0; i < vertical.size() * horizontal.size(); i++) {
                intensity.add(1000 / (1.0 + i % vertical.size() + lamp));
            }
            measured.put("colourTemperatureKelvin", 5500)
                    .set("dial", chowder().get("light").get("source").get("dial"));
        }
        ObjectNode save =
                JSON.createObjectNode().put("version", before.get("version").asInt());
        save.set("kit", kit);
        HttpResponse<byte[]> saved = put("/api/kit", save.toString());
        assertThat(saved.statusCode()).isEqualTo(200);
        assertThat(json(get("/api/kit")).get("kit").get("sources")).hasSize(40);
        save.put("version", json(saved).get("version").asInt()).set("kit", before.get("kit"));
        assertThat(put("/api/kit", save.toString()).statusCode()).isEqualTo(200);
    }

    private String kept(String document) {
        UUID id = UUID.randomUUID();
        jdbc.sql("""
                        insert into table_set (id, version, title, document, created_at, updated_at)
                        values (?, 4, 'Kept', ?::json, ?, ?)
                        """).params(id, document, KEPT_AT, KEPT_AT).update();
        return "/api/sets/" + id;
    }

    /** As the database wrote documents before: every digit of a number, more of them than a file may have. */
    @Test
    public void whatWasKeptLongIsRead() {
        String document =
                titled("Kept").toString().replace("\"shiftMired\":0", "\"shiftMired\":0." + "0".repeat(300) + "1");
        assertThat(document).contains("0.000000");
        HttpResponse<byte[]> kept = get(kept(document));
        assertThat(kept.statusCode()).isEqualTo(200);
        assertThat(json(kept).get("set").get("title").asString()).isEqualTo("Kept");
    }

    /** What could stand by the rules of an earlier version is opened, and what asks about it is told what is wrong. */
    @Test
    public void whatNoLongerStandsIsOpenedAllTheSame() {
        ObjectNode set = titled("Through the backdrop");
        set.putArray("cards").add(card(6, 12).put("distanceMetres", 1.15).put("leanDegrees", -60));
        JsonNode opened = json(get(kept(set.toString()))).get("set");
        assertThat(opened.get("cards")).hasSize(1);
        HttpResponse<byte[]> asked = post("/api/readings", opened.toString());
        assertThat(asked.statusCode()).isEqualTo(422);
        assertThat(json(asked).get("errors").get(0).get("field").asString()).isEqualTo("cards[0].distanceMetres");
    }

    @Test
    public void olderVersionsComeInTheNewest() {
        ObjectNode old = titled("Of version 5").put("version", 5);
        ((ObjectNode) old.get("light")).remove("doors");
        JsonNode opened = json(get(kept(old.toString()))).get("set");
        assertThat(opened.get("version").asInt()).isEqualTo(SetFormat.VERSION);
        assertThat(opened.get("light").get("doors").get("kind").asString()).isEqualTo("no-doors");
    }

    @Test
    public void copiesAreCutBetweenSigns() {
        JsonNode stored =
                json(post("/api/sets", titled("\uD83E\uDD58".repeat(80)).toString()));
        JsonNode copy = json(post("/api/sets/" + stored.get("id").asString() + "/copies", ""));
        String title = copy.get("set").get("title").asString();
        assertThat(title).endsWith("\uD83E\uDD58 (copy)");
        assertThat(title.codePointCount(0, title.length())).isEqualTo(80);
    }

    @Test
    public void whatIsNoTextIsRefused() {
        for (String text : new String[] {"\\u0000", "\\ud83e", "\\uffff", "\\u2028"}) {
            String set = titled("Odd").toString().replace("Odd", "Odd" + text);
            HttpResponse<byte[]> refused = post("/api/sets", set);
            assertThat(refused.statusCode()).as(text).isEqualTo(422);
            assertThat(json(refused).get("errors").get(0).get("field").asString())
                    .isEqualTo("title");
        }
    }
}
