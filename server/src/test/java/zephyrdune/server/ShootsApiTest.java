package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.ShootFormat;

/** Shoots, what happened at them, and run sheets over HTTP. */
public class ShootsApiTest extends RunningServer {

    private static ObjectNode demo() {
        try {
            return (ObjectNode) JSON.readTree(Files.readAllBytes(Path.of("src/main/resources/demo-shoot.json")));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** The demo shoot on two sets of which one looks from above. */
    private ObjectNode onSets() {
        ObjectNode above = titled("From above");
        ((ObjectNode) above.get("camera")).put("elevationDegrees", 90);
        String one = added("/api/sets", titled("At an angle"));
        String other = added("/api/sets", above);
        ObjectNode shoot = demo();
        int at = 0;
        for (JsonNode dish : shoot.get("dishes")) {
            ((ObjectNode) dish.get("shots").get(0).get("set")).put("id", at++ % 2 == 0 ? one : other);
        }
        return shoot;
    }

    private String added(String path, JsonNode what) {
        HttpResponse<byte[]> answer = post(path, what.toString());
        assertThat(answer.statusCode())
                .as(new String(answer.body(), StandardCharsets.UTF_8))
                .isEqualTo(201);
        return json(answer).get("id").asString();
    }

    private static ObjectNode question(JsonNode shoot, String now) {
        ObjectNode question = JSON.createObjectNode();
        question.set("shoot", shoot);
        question.putArray("events");
        return question.put("now", now);
    }

    private static ObjectNode event(String dish, String what, String at) {
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("dish", dish)
                .put("what", what)
                .put("at", at);
    }

    private static List<String> keys(JsonNode sheet) {
        return StreamSupport.stream(sheet.get("rows").spliterator(), false)
                .map(row -> row.get("key").asString())
                .toList();
    }

    @Test
    public void aShootIsKeptAndNothingIsOverwritten() throws BadFile {
        ObjectNode shoot = demo();
        String id = added("/api/shoots", shoot);
        assertThat(ShootFormat.read(json(get("/api/shoots/" + id)).get("shoot")))
                .isEqualTo(ShootFormat.read(shoot));
        ObjectNode save = JSON.createObjectNode().put("version", 1);
        save.set("shoot", shoot.put("title", "Spring menu"));
        assertThat(json(put("/api/shoots/" + id, save.toString()))
                        .get("version")
                        .asInt())
                .isEqualTo(2);
        HttpResponse<byte[]> late = put("/api/shoots/" + id, save.toString());
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(new String(late.body(), StandardCharsets.UTF_8)).contains("This shoot was saved elsewhere");
        assertThat(json(get("/api/shoots")).toString()).contains("Spring menu");
        assertThat(send("DELETE", "/api/shoots/" + id + "?version=2", new byte[0])
                        .statusCode())
                .isEqualTo(204);
        assertThat(get("/api/shoots/" + id).statusCode()).isEqualTo(404);
        assertThat(json(get("/api/shoots/deleted")).toString()).contains(id);
        assertThat(post("/api/shoots/" + id + "/restore", "").statusCode()).isEqualTo(200);
    }

    @Test
    public void whatCannotBeIsRefusedByItsField() {
        HttpResponse<byte[]> noDay =
                post("/api/shoots", demo().put("date", "2026-02-30").toString());
        assertThat(noDay.statusCode()).isEqualTo(422);
        assertThat(new String(noDay.body(), StandardCharsets.UTF_8)).contains("There is no 2026-02-30");
        HttpResponse<byte[]> backwards =
                post("/api/shoots", demo().put("endsHours", 12).toString());
        assertThat(backwards.statusCode()).isEqualTo(422);
        assertThat(json(backwards).get("errors").get(0).get("field").asString()).isEqualTo("endsHours");
    }

    /** Dishes of one camera angle come together; what goes from one to the other is told step by step, and adds up. */
    @Test
    public void theRunSheetMovesTheCameraOnce() {
        JsonNode sheet = json(post(
                "/api/run-sheets", question(onSets(), "2026-12-04T08:00:00Z").toString()));
        assertThat(sheet.get("unmet").toString()).isEqualTo("[]");
        assertThat(keys(sheet)).hasSize(6);
        long turns = 0;
        double changing = 0;
        for (JsonNode row : sheet.get("rows")) {
            for (JsonNode step : row.get("change")) {
                turns += step.get("kind").asString().equals("CAMERA_ANGLE") ? 1 : 0;
                changing += step.get("minutes").asDouble();
            }
            assertThat(row.get("why").asString()).isNotBlank();
        }
        assertThat(turns).isEqualTo(1);
        assertThat(changing).isEqualTo(sheet.get("changing").asDouble());
        assertThat(sheet.get("now").asDouble()).isEqualTo(13 * 60);
        assertThat(sheet.get("missingSets").size()).isZero();
    }

    @Test
    public void whatIsDoneIsGoneAndASlipMovesTheRest() {
        ObjectNode shoot = onSets();
        JsonNode plan = json(
                post("/api/run-sheets", question(shoot, "2026-12-04T13:00:00Z").toString()));
        String first = keys(plan).get(0);
        String second = keys(plan).get(1);
        ObjectNode slipped = question(shoot, "2026-12-04T13:50:00Z");
        ((ArrayNode) slipped.get("events"))
                .add(event(first, "SET_STANDS", "2026-12-04T13:24:00Z"))
                .add(event(first, "ON_TABLE", "2026-12-04T13:25:00Z"))
                .add(event(first, "DONE", "2026-12-04T13:40:00Z"))
                .add(event(second, "ON_TABLE", "2026-12-04T13:49:00Z"));
        JsonNode sheet = json(post("/api/run-sheets", slipped.toString()));
        assertThat(keys(sheet)).hasSize(4).doesNotContain(first, second);
        assertThat(sheet.get("done").get(0).asString()).isEqualTo(first);
        assertThat(sheet.get("onTable").get("key").asString()).isEqualTo(second);
        assertThat(sheet.get("onTable").get("since").asDouble()).isEqualTo(13 * 60 + 49);
        double until = sheet.get("onTable").get("until").asDouble();
        assertThat(sheet.get("rows").get(0).get("changeStarts").asDouble()).isGreaterThanOrEqualTo(until);
        assertThat(sheet.get("ends").asDouble()).isGreaterThan(plan.get("ends").asDouble());
    }

    @Test
    public void eventsAreKeptOnceAndTakenBack() {
        String id = added("/api/shoots", demo());
        ObjectNode done = event("tart", "DONE", "2026-12-04T13:40:00Z");
        ArrayNode told = JSON.createArrayNode().add(done);
        String path = "/api/shoots/" + id + "/events";
        assertThat(json(put(path, told.toString())).size()).isEqualTo(1);
        assertThat(json(put(path, told.toString())).size()).isEqualTo(1);
        assertThat(json(send("DELETE", path + "/" + done.get("id").asString(), new byte[0]))
                        .size())
                .isZero();
        assertThat(put("/api/shoots/" + UUID.randomUUID() + "/events", told.toString())
                        .statusCode())
                .isEqualTo(404);
    }

    /** After a shoot whose turns of the camera took twelve minutes, a turn is reckoned with more than the usual six. */
    @Test
    public void minutesBecomeOnesOwn() {
        ObjectNode shoot = onSets();
        String id = added("/api/shoots", shoot);
        ArrayNode told = JSON.createArrayNode();
        for (int i = 0; i < 5; i++) {
            String dish = shoot.get("dishes").get(i).get("key").asString();
            told.add(event(dish, "SET_STANDS", "2026-12-04T1%d:12:00Z".formatted(i + 2)))
                    .add(event(dish, "DONE", "2026-12-04T1%d:00:00Z".formatted(i + 3)));
        }
        put("/api/shoots/" + id + "/events", told.toString());
        JsonNode sheet = json(
                post("/api/run-sheets", question(shoot, "2026-12-04T08:00:00Z").toString()));
        for (JsonNode step : sheet.get("minutes")) {
            if (step.get("kind").asString().equals("CAMERA_ANGLE")) {
                assertThat(step.get("minutes").asDouble()).isBetween(9.0, 12.0);
                assertThat(step.get("usual").asDouble()).isEqualTo(6);
            }
        }
        send("DELETE", "/api/shoots/" + id + "?version=1", new byte[0]);
    }

    @Test
    public void aDeletedSetIsSaidAndTheRestGoesOn() {
        ObjectNode shoot = demo();
        ((ObjectNode) shoot.get("dishes").get(0).get("shots").get(0).get("set"))
                .put("id", UUID.randomUUID().toString());
        JsonNode sheet = json(
                post("/api/run-sheets", question(shoot, "2026-12-04T08:00:00Z").toString()));
        assertThat(keys(sheet)).hasSize(6);
        assertThat(sheet.get("missingSets").size()).isEqualTo(6);
    }

    @Test
    public void filesAndPastedLists() {
        ObjectNode question = question(onSets(), "2026-12-04T08:00:00Z");
        HttpResponse<byte[]> csv = post("/api/run-sheet-files?kind=CSV", question.toString());
        assertThat(new String(csv.body(), StandardCharsets.UTF_8)).startsWith("Number,Dish,");
        HttpResponse<byte[]> fromStart =
                post("/api/run-sheet-files?kind=CSV", question.putNull("now").toString());
        assertThat(fromStart.body()).as("before it is from its start").isEqualTo(csv.body());
        JsonNode sheet = json(post("/api/run-sheets", question.toString()));
        assertThat(sheet.get("now").asDouble()).isEqualTo(sheet.get("begins").asDouble());
        assertThat(sheet.get("began").asString()).isEqualTo("2026-12-04T13:00:00Z");
        HttpResponse<byte[]> calendar = post("/api/run-sheet-files?kind=CALENDAR", question.toString());
        assertThat(new String(calendar.body(), StandardCharsets.UTF_8)).startsWith("BEGIN:VCALENDAR");
        HttpResponse<byte[]> paper = post("/api/run-sheet-files?kind=PDF", question.toString());
        assertThat(new String(paper.body(), StandardCharsets.ISO_8859_1)).startsWith("%PDF-");
        added("/api/sets", titled("Fish pie of ours"));
        ObjectNode pasted = JSON.createObjectNode().put("text", "Fish pie of ours, 9 min\nBread");
        pasted.set("shoot", demo());
        JsonNode dishes = json(post("/api/shoots/dishes", pasted.toString())).get("dishes");
        assertThat(dishes.size()).isEqualTo(8);
        assertThat(dishes.get(6).get("holdsMinutes").asDouble()).isEqualTo(9);
        assertThat(dishes.get(6).get("shots").get(0).get("set").get("kind").asString())
                .isEqualTo("kept-set");
        assertThat(post("/api/shoots/dishes", pasted.put("text", "").toString()).statusCode())
                .isEqualTo(422);
    }

    /** A shoot brought in from its archive is the same on sets of its own, with takes, notes and what happened. */
    @Test
    public void anArchiveComesBackBesideWhatIsThere() throws BadFile {
        ObjectNode shoot = onSets().put("title", "Season one");
        String set = shoot.at("/dishes/0/shots/0/set/id").asString();
        ObjectNode take = JSON.createObjectNode().put("name", "the good one").put("about", "");
        take.putArray("off");
        take.set("set", titled("At an angle"));
        String taken = json(post("/api/sets/" + set + "/takes", take.toString()))
                .get("id")
                .asString();
        put("/api/records/" + taken, "{\"notes\": \"keep\", \"rating\": 4}");
        String id = added("/api/shoots", shoot);
        put(
                "/api/shoots/" + id + "/events",
                JSON.createArrayNode()
                        .add(event("tart", "DONE", "2026-12-04T13:40:00Z"))
                        .toString());
        byte[] archive = get("/api/shoots/" + id + "/archive").body();
        HttpResponse<byte[]> opened = send(to("/api/shoot-archives")
                .header("content-type", "application/octet-stream")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofByteArray(archive))
                .build());
        assertThat(opened.statusCode())
                .as(new String(opened.body(), StandardCharsets.UTF_8))
                .isEqualTo(201);
        String copy = json(opened).get("id").asString();
        assertThat(copy).isNotEqualTo(id);
        JsonNode there = json(get("/api/shoots/" + copy)).get("shoot");
        String ownSet = there.at("/dishes/0/shots/0/set/id").asString();
        assertThat(ownSet).isNotEqualTo(set);
        assertThat(json(get("/api/sets/" + ownSet)).get("set"))
                .isEqualTo(json(get("/api/sets/" + set)).get("set"));
        JsonNode takes = json(get("/api/sets/" + ownSet + "/takes"));
        assertThat(takes.get(0).get("name").asString()).isEqualTo("the good one");
        assertThat(json(get("/api/shoots/" + copy + "/events")).size()).isEqualTo(1);
        String back = there.toString();
        for (JsonNode dish : shoot.get("dishes")) {
            String from = dish.get("shots").get(0).get("set").get("id").asString();
            int at = StreamSupport.stream(shoot.get("dishes").spliterator(), false)
                    .toList()
                    .indexOf(dish);
            back = back.replace(
                    there.get("dishes")
                            .get(at)
                            .get("shots")
                            .get(0)
                            .get("set")
                            .get("id")
                            .asString(),
                    from);
        }
        assertThat(ShootFormat.read(JSON.readTree(back))).isEqualTo(ShootFormat.read(shoot));
        HttpResponse<byte[]> bad = send(to("/api/shoot-archives")
                .header("content-type", "application/octet-stream")
                .POST(java.net.http.HttpRequest.BodyPublishers.ofByteArray(new byte[] {1, 2, 3}))
                .build());
        assertThat(bad.statusCode()).isEqualTo(422);
        send("DELETE", "/api/shoots/" + id + "?version=1", new byte[0]);
        send("DELETE", "/api/shoots/" + copy + "?version=1", new byte[0]);
    }

    /** Three dishes on one set are alike; one whose light is turned to the front strays from them, by name. */
    @Test
    public void theDishThatStraysIsNamed() {
        ObjectNode shoot = onSets();
        String one = shoot.at("/dishes/0/shots/0/set/id").asString();
        ObjectNode front = titled("From the front");
        ((ObjectNode) front.get("light")).put("clockHours", 5).put("distanceMetres", 2.5);
        String other = added("/api/sets", front);
        for (int i = 0; i < 6; i++) {
            ((ObjectNode) shoot.get("dishes").get(i).get("shots").get(0).get("set")).put("id", i == 4 ? other : one);
        }
        JsonNode lines = json(post("/api/consistency", shoot.toString()));
        assertThat(lines.size()).isGreaterThan(3);
        List<String> strays = new java.util.ArrayList<>();
        lines.forEach(line -> line.get("places").forEach(place -> {
            if (place.get("strays").asBoolean()) {
                strays.add(place.get("key").asString());
            }
        }));
        assertThat(strays).isNotEmpty().containsOnly("cordial");
        // against a season of the turned light all others stray
        ObjectNode last = shoot.deepCopy();
        for (JsonNode dish : last.get("dishes")) {
            ((ObjectNode) dish.get("shots").get(0).get("set")).put("id", other);
        }
        String season = added("/api/shoots", last);
        JsonNode against = json(post("/api/consistency?against=" + season, shoot.toString()));
        against.forEach(line -> line.get("places").forEach(place -> {
            if (place.get("key").asString().equals("cordial")) {
                assertThat(place.get("strays").asBoolean())
                        .as(line.get("fact").asString())
                        .isFalse();
            }
        }));
        assertThat(against.toString()).contains("\"strays\":true");
        assertThat(post("/api/consistency?against=" + UUID.randomUUID(), shoot.toString())
                        .statusCode())
                .isEqualTo(404);
        send("DELETE", "/api/shoots/" + season + "?version=1", new byte[0]);
    }

    @Test
    public void aBoomIsHeldByASandbag() {
        JsonNode tips = json(post("/api/balance", "{\"load\": 2, \"reach\": 1.2, \"stand\": 4, \"feet\": 0.4}"));
        assertThat(Math.round(tips.get("sandbag").asDouble() * 1000)).isEqualTo(6000);
        HttpResponse<byte[]> none = post("/api/balance", "{\"load\": 2, \"reach\": 1.2, \"stand\": 4, \"feet\": 0}");
        assertThat(none.statusCode()).isEqualTo(422);
        assertThat(new String(none.body(), StandardCharsets.UTF_8)).contains("feet");
    }
}
