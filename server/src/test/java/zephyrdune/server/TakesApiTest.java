package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Takes belong to their set, and hold set and picture that belong together. */
public class TakesApiTest extends RunningServer {

    private static final byte[] JPEG = {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0, 1};
    private static final byte[] FINER = {(byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe0, 2};

    private String set;

    @BeforeMethod
    public void newSet() {
        set = json(post("/api/sets", titled("With takes").toString())).get("id").asString();
    }

    private static ObjectNode take(String name) {
        ObjectNode take = JSON.createObjectNode().put("name", name).put("about", "shadow 3.0 stops");
        take.putArray("off").add("ambient").add("card-1");
        take.set("set", titled("As it was"));
        return take;
    }

    private HttpResponse<byte[]> add(ObjectNode take) {
        return post("/api/sets/" + set + "/takes", take.toString());
    }

    private JsonNode added(String name) {
        HttpResponse<byte[]> response = add(take(name));
        assertThat(response.statusCode()).isEqualTo(201);
        return json(response);
    }

    private JsonNode list() {
        return json(get("/api/sets/" + set + "/takes"));
    }

    private static String path(JsonNode take) {
        return "/api/takes/" + take.get("id").asString();
    }

    private HttpResponse<byte[]> picture(JsonNode take, boolean fine, byte[] bytes) {
        return picture(path(take), fine, bytes);
    }

    private HttpResponse<byte[]> picture(String path, boolean fine, byte[] bytes) {
        return send(to(path + "/picture?fine=" + fine)
                .header("content-type", "application/octet-stream")
                .PUT(BodyPublishers.ofByteArray(bytes))
                .build());
    }

    @Test
    public void takesAreListedInTheOrderTheyWereKept() {
        JsonNode first = added("Take 1");
        JsonNode second = added("Take 2");
        assertThat(list()).containsExactly(first, second);
        assertThat(first.get("picture").asString()).isEqualTo("NONE");
        assertThat(first.get("off")).hasSize(2);
        assertThat(first.get("set").get("title").asString()).isEqualTo("As it was");
    }

    /** One that has none is traced when it is first asked for, once, and gives way to any that comes. */
    @Test
    public void aTakeThatNoPictureCameForGetsOne() throws IOException {
        JsonNode take = added("Take 1");
        byte[] traced = get(path(take) + "/picture").body();
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(traced));
        assertThat(image.getWidth()).isEqualTo(360);
        assertThat(list().get(0).get("picture").asString()).isEqualTo("ROUGH");
        assertThat(get(path(take) + "/picture").body()).isEqualTo(traced);
        picture(take, false, JPEG);
        assertThat(get(path(take) + "/picture").body()).isEqualTo(JPEG);
    }

    @Test
    public void aRoughPictureGivesWayToAFineOneAndNotTheOtherWayRound() {
        JsonNode take = added("Take 1");
        assertThat(picture(take, false, JPEG).statusCode()).isEqualTo(204);
        assertThat(list().get(0).get("picture").asString()).isEqualTo("ROUGH");
        assertThat(picture(take, true, FINER).statusCode()).isEqualTo(204);
        assertThat(picture(take, false, JPEG).statusCode()).isEqualTo(204);
        assertThat(list().get(0).get("picture").asString()).isEqualTo("FINE");
        HttpResponse<byte[]> shown = get(path(take) + "/picture");
        assertThat(shown.headers().firstValue("content-type")).hasValue("image/jpeg");
        assertThat(shown.body()).isEqualTo(FINER);
    }

    @Test
    public void takesAreRenamedDeletedAndBroughtBack() {
        JsonNode take = added("Take 1");
        JsonNode renamed = json(put(path(take), "{\"name\": \"Softer\"}"));
        assertThat(renamed.get("name").asString()).isEqualTo("Softer");
        assertThat(send("DELETE", path(take), new byte[0]).statusCode()).isEqualTo(204);
        assertThat(send("DELETE", path(take), new byte[0]).statusCode()).isEqualTo(404);
        assertThat(list()).isEmpty();
        assertThat(json(post(path(take) + "/restore", ""))).isEqualTo(renamed);
        assertThat(list()).containsExactly(renamed);
    }

    private HttpResponse<byte[]> openFile(byte[] file) {
        return send(to("/api/sets/" + set + "/takes-files")
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }

    /** A file of takes brings them to another set, with their pictures; a spoiled one brings none. */
    @Test
    public void takesTravelInAFile() {
        picture(added("Take 1"), true, FINER);
        added("Take 2");
        byte[] file = get("/api/sets/" + set + "/takes-file").body();
        newSet();
        assertThat(openFile(file).statusCode()).isEqualTo(200);
        assertThat(list()).hasSize(2);
        assertThat(list().get(0).get("name").asString()).isEqualTo("Take 1");
        assertThat(list().get(0).get("picture").asString()).isEqualTo("FINE");
        assertThat(list().get(1).get("picture").asString()).isEqualTo("NONE");
        assertThat(get(path(list().get(0)) + "/picture").body()).isEqualTo(FINER);
        ObjectNode spoiled = (ObjectNode) JSON.readTree(file);
        ((ObjectNode) spoiled.get("takes").get(1)).put("name", " ");
        for (byte[] bad : new byte[][] {
            spoiled.toString().getBytes(StandardCharsets.UTF_8),
            "{}".getBytes(StandardCharsets.UTF_8),
            Arrays.copyOf(file, file.length / 2),
            spoiled.put("version", 2).toString().getBytes(StandardCharsets.UTF_8)
        }) {
            assertThat(openFile(bad).statusCode()).isEqualTo(422);
        }
        assertThat(list()).hasSize(2);
    }

    /** A deleted set takes its takes along, and brings them back. */
    @Test
    public void takesGoWithTheirSet() {
        JsonNode take = added("Take 1");
        assertThat(send("DELETE", "/api/sets/" + set + "?version=1", new byte[0])
                        .statusCode())
                .isEqualTo(204);
        post("/api/sets/" + set + "/restore", "");
        assertThat(list()).containsExactly(take);
    }

    @Test
    public void whatIsWrongIsToldByItsField() {
        JsonNode take = added("Take 1");
        HttpResponse<byte[]> unnamed = add(take(" "));
        assertThat(unnamed.statusCode()).isBetween(400, 422);
        assertThat(json(unnamed).toString()).contains("name");
        ObjectNode strange = take("x");
        strange.putArray("off").add("<b>");
        assertThat(json(add(strange)).toString()).contains("layers");
        HttpResponse<byte[]> png = picture(take, true, new byte[] {(byte) 0x89, 'P', 'N', 'G'});
        assertThat(png.statusCode()).isBetween(400, 422);
        assertThat(json(png).get("detail").asString()).contains("JPEG of at most");
        HttpResponse<byte[]> impossible = add(spoiled(take("x")));
        assertThat(impossible.statusCode()).isEqualTo(422);
        assertThat(list()).hasSize(1);
    }

    private static ObjectNode spoiled(ObjectNode take) {
        ((ObjectNode) take.get("set").get("light")).put("distanceMetres", -1);
        return take;
    }

    @Test
    public void whatIsNotThereIsMissing() {
        String unknown = "/api/takes/" + UUID.randomUUID();
        assertThat(post("/api/sets/" + UUID.randomUUID() + "/takes", take("x").toString())
                        .statusCode())
                .isEqualTo(404);
        assertThat(put(unknown, "{\"name\": \"x\"}").statusCode()).isEqualTo(404);
        assertThat(post(unknown + "/restore", "").statusCode()).isEqualTo(404);
        assertThat(picture(unknown, true, JPEG).statusCode()).isEqualTo(404);
        assertThat(get(unknown + "/picture").statusCode()).isEqualTo(404);
    }
}
