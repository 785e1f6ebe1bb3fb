package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.CameraExif;

/** Tone curves of cameras over HTTP. */
public class ToneCurveApiTest extends RunningServer {

    private static final LocalDateTime NOON = LocalDateTime.of(2026, 3, 4, 12, 0);

    private String set;
    private String camera;

    @BeforeMethod
    public void newSet() {
        set = json(post("/api/sets", titled("With a bracket").toString()))
                .get("id")
                .asString();
        camera = "Bench " + set;
    }

    /** What is learnt of the kit is of the frames of all sets. */
    @AfterMethod
    public void clear() {
        for (JsonNode frame : json(get("/api/sets/" + set + "/frames"))) {
            send(to("/api/frames/" + frame.get("id").asString()).DELETE().build());
        }
    }

    /** Soft light from left to right, written with code ∝ light to the 1 / 1.8. */
    private byte[] frame(double speed) {
        BufferedImage image = new BufferedImage(240, 160, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 240 * 160; i++) {
            double light = speed / 400 * Math.pow(2, -6.0 + 6.5 * (i % 240) / 240.0 + 0.3 * (i / 240) / 160.0);
            int code = (int) Math.min(255, Math.round(255 * Math.pow(light, 1 / 1.8)));
            image.setRGB(i % 240, i / 240, 0x010101 * code);
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "jpeg", file);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
        return new CameraExif(camera, NOON.plusSeconds((long) speed), 8, 1.0 / 125, speed, 0.085, 0.085, true)
                .in(file.toByteArray());
    }

    private String added(double speed) {
        String id = json(send(to("/api/sets/" + set + "/frames?name=" + speed + ".jpg")
                        .header("content-type", "application/octet-stream")
                        .POST(BodyPublishers.ofByteArray(frame(speed)))
                        .build()))
                .get("id")
                .asString();
        put("/api/frames/" + id + "/set", chowder().toString());
        return id;
    }

    private JsonNode curves() {
        return json(get("/api/tone-curves?camera=" + encoded(camera)));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static ObjectNode style(String words) {
        return JSON.createObjectNode().put("style", words);
    }

    private List<Double> measured(String frame) {
        ObjectNode question = JSON.createObjectNode();
        question.putArray("patches")
                .addObject()
                .put("part", "TABLE")
                .put("across", 0.4)
                .put("down", 0.9)
                .put("reflectance", 0.18);
        question.set("now", chowder());
        List<Double> stops = new ArrayList<>();
        for (JsonNode patch : json(post("/api/frames/" + frame + "/reading", question.toString()))
                .get("patches")) {
            stops.add(patch.get("measured").asDouble());
        }
        return stops;
    }

    @Test
    public void aBracketTellsTheCurveAndFramesAreReadByIt() {
        String frame = added(400);
        added(100);
        added(200);
        added(1250);
        double asSrgb = measured(frame).get(0);
        JsonNode learnt = json(
                post("/api/frames/" + frame + "/tone-curve", style(" Flat ").toString()));
        assertThat(learnt.size()).isEqualTo(1);
        JsonNode curve = learnt.get(0);
        assertThat(curve.get("camera").asString()).isEqualTo(camera);
        assertThat(curve.get("style").asString()).isEqualTo("Flat");
        assertThat(curve.get("inUse").asBoolean()).isTrue();
        assertThat(curve.get("frames").asInt()).isEqualTo(4);
        assertThat(curve.get("residual").asDouble()).isLessThan(0.05);
        for (JsonNode tone : curve.get("tones")) {
            if (tone.get("code").asInt() > 20) {
                double known = 1.8 * Math.log(tone.get("code").asInt() / 118.0) / Math.log(2);
                assertThat(tone.get("stops").asDouble()).isCloseTo(known, within(0.06));
            }
        }
        double byCurve = measured(frame).get(0);
        assertThat(byCurve).isNotCloseTo(asSrgb, within(0.05));
        // and as sRGB again
        JsonNode none = json(put(
                "/api/tone-curves/in-use",
                JSON.createObjectNode().put("camera", camera).put("style", "").toString()));
        assertThat(none.get(0).get("inUse").asBoolean()).isFalse();
        assertThat(measured(frame).get(0)).isCloseTo(asSrgb, within(1e-9));
    }

    @Test
    public void aCurveOfTheSameStyleTakesThePlaceOfTheOldOne() {
        String frame = added(400);
        added(100);
        added(1250);
        String path = "/api/frames/" + frame + "/tone-curve";
        post(path, style("Flat").toString());
        post(path, style("Other").toString());
        JsonNode now = json(post(path, style("Flat").toString()));
        assertThat(now.valueStream().map(one -> one.get("style").asString())).containsExactly("Flat", "Other");
        assertThat(now.valueStream().map(one -> one.get("inUse").asBoolean())).containsExactly(true, false);
        String other = "/api/tone-curves?camera=" + encoded(camera) + "&style=Other";
        assertThat(send(to(other).DELETE().build()).statusCode()).isEqualTo(204);
        assertThat(send(to(other).DELETE().build()).statusCode()).isEqualTo(404);
        assertThat(curves().size()).isEqualTo(1);
    }

    @Test
    public void whatTellsNoCurveIsRefusedAndNothingIsKept() {
        String frame = added(400);
        added(200);
        String path = "/api/frames/" + frame + "/tone-curve";
        HttpResponse<byte[]> two = post(path, style("Flat").toString());
        assertThat(two.statusCode()).isEqualTo(422);
        assertThat(json(two).get("detail").asString()).contains("3 frames or more");
        HttpResponse<byte[]> unnamed = post(path, style("  ").toString());
        assertThat(unnamed.statusCode()).isEqualTo(422);
        assertThat(json(unnamed).get("errors").get(0).get("field").asString()).isEqualTo("style");
        HttpResponse<byte[]> unknown = put(
                "/api/tone-curves/in-use",
                JSON.createObjectNode()
                        .put("camera", camera)
                        .put("style", "None")
                        .toString());
        assertThat(unknown.statusCode()).isEqualTo(404);
        assertThat(curves().size()).isZero();
    }
}
