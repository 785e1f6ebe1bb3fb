package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.CameraExif;

/** Test frames over HTTP. */
public class FrameApiTest extends RunningServer {

    private String set;

    @BeforeMethod
    public void newSet() {
        set = json(post("/api/sets", titled("With frames").toString()))
                .get("id")
                .asString();
    }

    /** Evenly mid grey: code 118 of sRGB. */
    static byte[] grey(int seed) {
        BufferedImage image = new BufferedImage(90, 60, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 90 * 60; i++) {
            image.setRGB(i % 90, i / 90, 0x767676);
        }
        // one block of a corner by which no two are the same file
        for (int i = 0; i < 64; i++) {
            image.setRGB(i % 8, i / 8, 0x010101 * (seed & 255));
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpeg", file);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return file.toByteArray();
    }

    /** The same as a camera of the set's own settings, but for its ISO speed, stores it. */
    static byte[] taken(int seed, double speed, LocalDateTime at) {
        return new CameraExif("Test camera", at, 8, 1.0 / 125, speed, 0.085, 0.085, true).in(grey(seed));
    }

    private HttpResponse<byte[]> add(String to, String name, byte[] file) {
        return send(to("/api/sets/" + to + "/frames?name=" + name)
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }

    private HttpResponse<byte[]> delete(String path) {
        return send(to(path).DELETE().build());
    }

    private static ObjectNode question() {
        ObjectNode question = JSON.createObjectNode();
        question.putArray("patches");
        question.set("now", chowder());
        return question;
    }

    @Test
    public void aFrameIsKeptOnceWithWhatItsFileTells() {
        byte[] file = taken(1, 200, LocalDateTime.of(2026, 3, 4, 10, 11, 12));
        JsonNode frame = json(add(set, "one.jpg", file));
        assertThat(frame.get("name").asString()).isEqualTo("one.jpg");
        assertThat(frame.get("takenAt").asString()).startsWith("2026-03-04T10:11:12");
        assertThat(frame.get("aperture").asDouble()).isCloseTo(8, within(1e-6));
        assertThat(frame.get("speed").asDouble()).isEqualTo(200);
        assertThat(frame.get("stood").asBoolean()).isFalse();
        assertThat(json(add(set, "again.jpg", file)).get("id")).isEqualTo(frame.get("id"));
        assertThat(json(get("/api/sets/" + set + "/frames")).size()).isEqualTo(1);
        HttpResponse<byte[]> picture = get("/api/frames/" + frame.get("id").asString() + "/picture");
        assertThat(picture.headers().firstValue("content-type")).contains("image/jpeg");
        assertThat(frame.get("bytes").asInt()).isEqualTo(picture.body().length);
    }

    @Test
    public void framesAreInTheOrderTheyWereTakenIn() {
        add(set, "later.jpg", taken(2, 100, LocalDateTime.of(2026, 3, 4, 11, 0)));
        add(set, "untold.jpg", grey(3));
        add(set, "earlier.jpg", taken(4, 100, LocalDateTime.of(2026, 3, 4, 10, 0)));
        assertThat(json(get("/api/sets/" + set + "/frames"))
                        .valueStream()
                        .map(frame -> frame.get("name").asString()))
                .containsExactly("earlier.jpg", "later.jpg", "untold.jpg");
    }

    @Test
    public void aFrameIsReadBesideItsPrediction() {
        String frame =
                "/api/frames/" + json(add(set, "grey.jpg", grey(5))).get("id").asString();
        put(frame + "/set", chowder().toString());
        JsonNode reading = json(post(frame + "/reading", question().toString()));
        assertThat(reading.get("patches").size()).isGreaterThanOrEqualTo(4);
        for (JsonNode patch : reading.get("patches")) {
            assertThat(patch.get("measured").asDouble()).isCloseTo(0.01, within(0.02));
            assertThat(patch.get("off").asDouble())
                    .isCloseTo(
                            patch.get("measured").asDouble()
                                    - patch.get("predicted").asDouble(),
                            within(1e-9));
        }
        assertThat(reading.get("next").get("mark").asString()).isNotEmpty();
        JsonNode difference = json(get(frame + "/difference"));
        assertThat(difference.get("stopHundredths").size())
                .isEqualTo(difference.get("width").asInt()
                        * difference.get("height").asInt());
        // one patch alone, where somebody put it
        ObjectNode question = aboutOnePatch();
        JsonNode one = json(post(frame + "/reading", question.toString())).get("patches");
        assertThat(one.size()).isEqualTo(1);
        assertThat(one.get(0).get("title").asString()).isEqualTo("Table in the light");
    }

    private static String registration(double... numbers) {
        ObjectNode registration = JSON.createObjectNode().put("ratio", 1.5);
        for (int i = 0; i < numbers.length; i += 4) {
            registration
                    .withArray("points")
                    .addObject()
                    .put("frameAcross", numbers[i])
                    .put("frameDown", numbers[i + 1])
                    .put("pictureAcross", numbers[i + 2])
                    .put("pictureDown", numbers[i + 3]);
        }
        return registration.toString();
    }

    private static ObjectNode aboutOnePatch() {
        ObjectNode question = question();
        question.withArray("patches")
                .addObject()
                .put("part", "TABLE")
                .put("across", 0.1)
                .put("down", 0.8)
                .put("reflectance", 0.18);
        return question;
    }

    /** A frame that shows the middle of the picture: what lies beyond it is not read; the next frame of the camera lies so too. */
    @Test
    public void aFrameIsLaidOnItsPicture() throws IOException {
        String id = stood(40);
        String frame = "/api/frames/" + id;
        String middle = registration(0, 0, 0.3, 0.3, 1, 0, 0.7, 0.3, 1, 1, 0.7, 0.7, 0, 1, 0.3, 0.7);
        JsonNode laid = json(put(frame + "/registration", middle));
        assertThat(laid.get("registration")).isEqualTo(JSON.readTree(middle));
        ObjectNode question = aboutOnePatch();
        JsonNode patch = json(post(frame + "/reading", question.toString()))
                .get("patches")
                .get(0);
        assertThat(patch.get("measured").isNull()).isTrue();
        assertThat(patch.get("trouble").asString()).isEqualTo("The frame does not reach here");
        BufferedImage picture = ImageIO.read(
                new ByteArrayInputStream(get(frame + "/laid?ratio=1.5&points=0,0,.3,.3,1,0,.7,.3,1,1,.7,.7,0,1,.3,.7")
                        .body()));
        assertThat(picture.getRGB(2, 2) & 255).isLessThan(8);
        assertThat(picture.getRGB(picture.getWidth() / 2, picture.getHeight() / 2) & 255)
                .isCloseTo(118, within(3));
        String next = stood(41);
        assertThat(json(get("/api/sets/" + set + "/frames"))
                        .valueStream()
                        .filter(one -> one.get("id").asString().equals(next))
                        .findFirst()
                        .orElseThrow()
                        .get("registration"))
                .isEqualTo(JSON.readTree(middle));
        HttpResponse<byte[]> crossed = put(
                frame + "/registration", registration(0, 0, 0.3, 0.3, 1, 0, 0.7, 0.7, 1, 1, 0.7, 0.3, 0, 1, 0.3, 0.7));
        assertThat(crossed.statusCode()).isEqualTo(422);
        assertThat(json(crossed).get("detail").asString()).contains("The four points cross");
        assertThat(get(frame + "/laid?ratio=1.5&points=0,0,1").statusCode()).isEqualTo(422);
        JsonNode back = json(delete(frame + "/registration"));
        assertThat(back.get("registration").isNull()).isTrue();
        delete(frame);
        delete("/api/frames/" + next);
    }

    /** Mid grey wherever one looks, at a thirtieth and ISO 400: a bright room. */
    @Test
    public void aFrameWithTheLightsOffTellsOfTheRoom() {
        byte[] file = new CameraExif("", LocalDateTime.of(2026, 3, 4, 9, 0), 5.6, 1.0 / 30, 400, 0.085, 0.085, false)
                .in(grey(77));
        String id = json(add(set, "dark.jpg", file)).get("id").asString();
        ObjectNode stood = chowder();
        ((ObjectNode) stood.get("ambient")).put("illuminanceLux", 300);
        put("/api/frames/" + id + "/set", stood.toString());
        assertThat(json(post("/api/frames/" + id + "/reading", question().toString()))
                        .get("room")
                        .isNull())
                .isTrue();
        JsonNode off = json(put(
                "/api/frames/" + id + "/lit",
                JSON.createObjectNode().put("lit", false).toString()));
        assertThat(off.get("lit").asBoolean()).isFalse();
        JsonNode reading =
                json(post("/api/frames/" + id + "/reading", question().toString()));
        assertThat(reading.get("next").isNull()).isTrue();
        JsonNode room = reading.get("room");
        double lux = room.get("lux").asDouble();
        assertThat(room.get("set").get("ambient").get("illuminanceLux").asDouble())
                .isCloseTo(lux, within(1e-9));
        // ISO 2720, C = 250: correct is 32 x 250 / 400 lx s, and the shutter's thirtieth is a thirty-second
        double shutter = chowder().get("exposure").get("shutterSeconds").asDouble();
        assertThat(room.get("under").asDouble()).isNotNaN();
        assertThat(shutter).isPositive();
        assertThat(lux).isBetween(100.0, 3000.0);
        send(to("/api/frames/" + id).DELETE().build());
    }

    @Test
    public void howTheSetStoodIsKeptWithTheFrame() {
        String id = json(add(set, "grey.jpg", grey(6))).get("id").asString();
        String reading = "/api/frames/" + id + "/reading";
        HttpResponse<byte[]> untold = post(reading, question().toString());
        assertThat(untold.statusCode()).isEqualTo(422);
        assertThat(json(untold).get("errors").get(0).get("field").asString()).isEqualTo("set");
        JsonNode told =
                json(put("/api/frames/" + id + "/set", titled("As it stood").toString()));
        assertThat(told.get("stood").asBoolean()).isTrue();
        assertThat(json(get("/api/sets/" + set + "/frames")).get(0).get("stood").asBoolean())
                .isTrue();
        assertThat(post(reading, question().toString()).statusCode()).isEqualTo(200);
    }

    @Test
    public void aDeletedFrameComesBackUnlessItsFileCameAgain() {
        byte[] file = grey(7);
        String id = json(add(set, "grey.jpg", file)).get("id").asString();
        assertThat(delete("/api/frames/" + id).statusCode()).isEqualTo(204);
        assertThat(delete("/api/frames/" + id).statusCode()).isEqualTo(404);
        assertThat(json(get("/api/sets/" + set + "/frames")).size()).isZero();
        assertThat(post("/api/frames/" + id + "/restore", "").statusCode()).isEqualTo(200);
        delete("/api/frames/" + id);
        add(set, "grey.jpg", file);
        assertThat(post("/api/frames/" + id + "/restore", "").statusCode()).isEqualTo(404);
        assertThat(json(get("/api/sets/" + set + "/frames")).size()).isEqualTo(1);
    }

    @Test
    public void whatIsNoFrameIsRefusedByWhatIsWrong() {
        assertThat(add(set, "text.jpg", "no picture".getBytes()).statusCode()).isEqualTo(422);
        byte[] cut = Arrays.copyOf(grey(8), 400);
        HttpResponse<byte[]> refused = add(set, "cut.jpg", cut);
        assertThat(refused.statusCode()).isEqualTo(422);
        assertThat(json(refused).get("detail").asString()).contains("cut off");
        assertThat(add(UUID.randomUUID().toString(), "grey.jpg", grey(9)).statusCode())
                .isEqualTo(404);
        assertThat(get("/api/frames/" + UUID.randomUUID() + "/picture").statusCode())
                .isEqualTo(404);
        ObjectNode many = question();
        for (int i = 0; i < 25; i++) {
            many.withArray("patches")
                    .addObject()
                    .put("part", "TABLE")
                    .put("across", 0.5)
                    .put("down", 0.5)
                    .put("reflectance", 0.18);
        }
        String id = json(add(set, "grey.jpg", grey(10))).get("id").asString();
        HttpResponse<byte[]> tooMany = post("/api/frames/" + id + "/reading", many.toString());
        assertThat(tooMany.statusCode()).isEqualTo(422);
        assertThat(json(tooMany).get("errors").get(0).get("field").asString()).isEqualTo("patches");
        assertThat(json(get("/api/sets/" + set + "/frames")).size()).isEqualTo(1);
    }

    private JsonNode learning(String of) {
        ObjectNode question = JSON.createObjectNode().put("set", of);
        question.set("now", chowder());
        return json(post("/api/learning", question.toString()));
    }

    private String stood(int seed) {
        String frame = json(add(set, "grey" + seed + ".jpg", taken(seed, 100, LocalDateTime.of(2026, 3, 4, 10, seed))))
                .get("id")
                .asString();
        put("/api/frames/" + frame + "/set", chowder().toString());
        return frame;
    }

    /** Frames of all sets count, until they are left out; the set with what was learnt says what they say. */
    @Test
    public void framesTeachTheKit() {
        JsonNode nothing = learning(set);
        int before = nothing.get("frames").asInt();
        String one = stood(20);
        String other = stood(21);
        JsonNode said = learning(set);
        assertThat(said.get("frames").asInt()
                        + said.get("held").size()
                        - before
                        - nothing.get("held").size())
                .isEqualTo(2);
        assertThat(said.get("numbers")
                        .valueStream()
                        .map(number -> number.get("title").asString()))
                .contains("Source", "Table top");
        for (JsonNode number : said.get("numbers")) {
            assertThat(number.get("spread").asDouble())
                    .isLessThanOrEqualTo(number.get("before").asDouble() + 1e-9);
        }
        assertThat(said.get("stated").isNull())
                .as("the set has the stated numbers")
                .isTrue();
        ObjectNode again = JSON.createObjectNode().put("set", set);
        again.set("now", said.get("learnt"));
        JsonNode taken = json(post("/api/learning", again.toString()));
        assertThat(Math.abs(taken.get("lightsMore").asDouble())).isLessThan(0.1);
        assertThat(taken.get("stated").isNull()).isFalse();
        JsonNode left = json(put("/api/frames/" + one + "/counts", "{\"counts\":false}"));
        assertThat(left.get("counts").asBoolean()).isFalse();
        put("/api/frames/" + other + "/counts", "{\"counts\":false}");
        JsonNode without = learning(set);
        assertThat(without.get("frames").asInt() + without.get("held").size())
                .isEqualTo(before + nothing.get("held").size());
        assertThat(json(delete("/api/frames/" + one + "/counts")).get("counts").isNull())
                .isTrue();
        assertThat(put("/api/frames/" + UUID.randomUUID() + "/counts", "{\"counts\":true}")
                        .statusCode())
                .isEqualTo(404);
    }
}
