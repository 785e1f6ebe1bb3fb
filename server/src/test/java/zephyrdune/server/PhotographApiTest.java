package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The light read from photographs, over HTTP. */
public class PhotographApiTest extends RunningServer {

    /** The left half of a mid grey, the right half black. */
    private static byte[] file() throws IOException {
        BufferedImage image = new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 45 * 60; i++) {
            image.setRGB(i % 45, i / 45, 0x767676);
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(image, "png", file);
        return file.toByteArray();
    }

    private HttpResponse<byte[]> open(byte[] file) {
        return send(to("/api/photographs")
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }

    private HttpResponse<byte[]> delete(String path) {
        return send(to(path).DELETE().build());
    }

    private JsonNode opened() throws IOException {
        HttpResponse<byte[]> answer = open(file());
        assertThat(answer.statusCode()).isEqualTo(200);
        return json(answer);
    }

    /** A spot on the grey, as background. */
    private static ObjectNode marks() {
        ObjectNode marks =
                JSON.createObjectNode().put("format", "zephyrdune-marks").put("version", 1);
        marks.putObject("plane").put("kind", "unmarked-table");
        marks.putObject("lens").put("kind", "unknown-lens");
        marks.putArray("things");
        ObjectNode spot = marks.putArray("spots").addObject().put("part", "backdrop");
        spot.putObject("mark").put("across", 0.25).put("down", 0.5);
        marks.putArray("highlights");
        return marks;
    }

    private static ObjectNode kept(String title, String client) {
        ObjectNode keep = JSON.createObjectNode().put("title", title).put("client", client);
        keep.set("marks", marks());
        return keep;
    }

    @Test
    public void aPhotographIsOpenedReadAndMadeALook() throws IOException {
        JsonNode opened = opened();
        assertThat(opened.get("width").asInt()).isEqualTo(90);
        assertThat(opened.get("lens").get("kind").asString()).isEqualTo("unknown-lens");
        String at = "/api/photographs/" + opened.get("id").asString();
        assertThat(get(at + "/picture").headers().firstValue("content-type")).contains("image/jpeg");
        JsonNode reading = json(post(at + "/reading", marks().toString()));
        JsonNode backdrop = null;
        for (JsonNode line : reading.get("lines")) {
            backdrop = line.get("kind").asString().equals("BACKDROP") ? line : backdrop;
        }
        assertThat(backdrop).isNotNull();
        assertThat(backdrop.get("value").asDouble()).isCloseTo(0, within(0.03));
        assertThat(backdrop.get("word").asString()).isEqualTo("mid grey");
        assertThat(reading.get("troubles").get(0).get("field").asString()).isEqualTo("plane");
        JsonNode look = json(post(at + "/look?title=Theirs", marks().toString()))
                .get("looks")
                .get(0);
        assertThat(look.get("bands").size()).isEqualTo(1);
        assertThat(look.get("bands").get(0).get("kind").asString()).isEqualTo("backdrop-band");
    }

    @Test
    public void keptPhotographsGiveAClientsUsualLook() throws IOException {
        String client = "Client " + UUID.randomUUID();
        for (String title : new String[] {"One", "Two"}) {
            String id = opened().get("id").asString();
            assertThat(put("/api/kept-photographs/" + id, kept(title, client).toString())
                            .statusCode())
                    .isEqualTo(200);
        }
        // more than stay open in memory: the first is opened again from what was kept
        for (int i = 0; i < 5; i++) {
            opened();
        }
        JsonNode theirs = null;
        for (JsonNode photograph : json(get("/api/kept-photographs"))) {
            theirs = theirs == null && photograph.get("client").asString().equals(client) ? photograph : theirs;
        }
        assertThat(theirs).isNotNull();
        assertThat(theirs.get("title").asString()).isEqualTo("One");
        assertThat(theirs.get("marks")).isEqualTo(marks());
        String query = "client=" + client.replace(" ", "%20") + "&title=Usual";
        JsonNode look = json(get("/api/client-looks?" + query)).get("looks").get(0);
        assertThat(look.get("why").asString()).contains("2 photographs");
        String at = "/api/kept-photographs/" + theirs.get("id").asString();
        assertThat(delete(at).statusCode()).isEqualTo(204);
        assertThat(delete(at).statusCode()).isEqualTo(404);
    }

    @Test
    public void whatCannotBeSaysWhy() throws IOException {
        HttpResponse<byte[]> broken = open(new byte[] {1, 2, 3});
        assertThat(broken.statusCode()).isEqualTo(422);
        assertThat(json(broken).get("detail").asString()).contains("JPEG, PNG or TIFF");
        String nowhere = "/api/photographs/" + UUID.randomUUID();
        assertThat(post(nowhere + "/reading", marks().toString()).statusCode()).isEqualTo(404);
        ObjectNode outside = marks();
        ((ObjectNode) outside.get("spots").get(0).get("mark")).put("across", 1.5);
        String at = "/api/photographs/" + opened().get("id").asString();
        HttpResponse<byte[]> refused = post(at + "/reading", outside.toString());
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(json(refused).get("errors").get(0).get("field").asString()).isEqualTo("spots[0].mark.across");
        assertThat(get("/api/client-looks?client=Nobody&title=Usual").statusCode())
                .isEqualTo(422);
    }
}
