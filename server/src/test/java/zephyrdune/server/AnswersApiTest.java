package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;
import zephyrdune.units.sampling.Sureness;

public class AnswersApiTest extends RunningServer {

    private static TableSet set() throws BadFile {
        return SetFormat.read(chowder());
    }

    /** A set that is being moved is told at once, and says that asking at rest tells more; a set at rest does not say so. */
    @Test
    public void readingsWhileMovingSayThatTheyAreUnsure() throws BadFile {
        JsonNode moving = json(post("/api/readings?moving=true", chowder().toString()));
        List<Reading> expected = Readings.of(set(), Sureness.AT_ONCE);
        assertThat(moving.get("unsure").asBoolean())
                .isEqualTo(Readings.unsure(expected))
                .isTrue();
        for (int i = 0; i < expected.size(); i++) {
            assertThat(moving.get("readings").get(i).get("uncertainty").isNumber())
                    .isEqualTo(expected.get(i).uncertainty().isPresent());
        }
        assertThat(json(post("/api/readings", chowder().toString()))
                        .get("unsure")
                        .asBoolean())
                .isFalse();
    }

    @Test
    public void readingsAreTheCores() throws BadFile {
        JsonNode answers = json(post("/api/readings", chowder().toString())).get("readings");
        List<Reading> expected = Readings.of(set());
        assertThat(answers.size()).isEqualTo(expected.size());
        for (int i = 0; i < expected.size(); i++) {
            JsonNode answer = answers.get(i);
            assertThat(answer.get("kind").asString())
                    .isEqualTo(expected.get(i).kind().name());
            if (expected.get(i).value().isPresent()) {
                assertThat(answer.get("value").asDouble())
                        .isCloseTo(expected.get(i).value().getAsDouble(), within(1e-9));
            } else {
                assertThat(answer.get("value").isNull()).isTrue();
                assertThat(answer.get("note").asString()).isNotBlank();
            }
            assertThat(answer.get("places").size())
                    .isEqualTo(expected.get(i).places().size());
        }
    }

    @Test
    public void kindsExplainEveryReading() {
        JsonNode kinds = json(get("/api/reading-kinds"));
        assertThat(kinds.size()).isEqualTo(ReadingKind.values().length);
        kinds.forEach(kind -> List.of("title", "unit", "meaning", "formula", "source", "movedBy")
                .forEach(word -> assertThat(kind.get(word).asString()).isNotBlank()));
    }

    @Test
    public void planHasTheLightWhereTheSetPutsIt() throws BadFile {
        JsonNode plan = json(post("/api/plan?reachMetres=1.5", chowder().toString()));
        assertThat(plan.get("faceCentre").get("x").asDouble())
                .isCloseTo(set().light().centre().getX(), within(1e-9));
        assertThat(plan.get("rings").size()).isEqualTo(6);
        int size = plan.get("map").get("size").asInt();
        assertThat(plan.get("map").get("stopHundredths").size()).isEqualTo(size * size);
    }

    @Test
    public void setFilesAreReadAndNotSaved() {
        int before = json(get("/api/sets")).size();
        HttpResponse<byte[]> response = send(to("/api/set-files")
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofString(chowder().toString()))
                .build());
        assertThat(json(response).get("title").asString()).isEqualTo("Smoked mussel chowder");
        assertThat(json(get("/api/sets")).size()).isEqualTo(before);
    }

    @Test
    public void onlyThisMachinesNamesAreAnswered() throws IOException {
        // the client library sets the host header itself, so this one is written by hand
        String line = RawHttp.statusLine(to("/").build().uri(), "elsewhere.example");
        assertThat(line).contains(" 421");
        assertThat(RawHttp.statusLine(to("/api/health").build().uri(), "localhost"))
                .contains(" 200");
    }

    @Test
    public void answersKeepToWhatWasShipped() {
        HttpResponse<byte[]> response = get("/api/health");
        assertThat(response.headers().firstValue("content-security-policy").orElse(""))
                .contains("default-src 'self'", "frame-ancestors 'none'");
        assertThat(response.headers().firstValue("x-content-type-options")).hasValue("nosniff");
    }

    @Test
    public void movesAreTheCores() throws BadFile {
        JsonNode move = json(post(
                "/api/moves?reading=FALL_OFF_FRAME&wanted=-0.8&lever=LIGHT_DISTANCE",
                chowder().toString()));
        assertThat(move.get("reached").asDouble()).isCloseTo(-0.8, within(1e-3));
        TableSet moved = SetFormat.read(move.get("set"));
        assertThat(moved.light().distance()).isCloseTo(move.get("metres").asDouble(), within(1e-9));
        JsonNode none = json(post(
                "/api/moves?reading=FALL_OFF_FRAME&wanted=5&lever=LIGHT_DISTANCE",
                chowder().toString()));
        assertThat(none.get("metres").isNull()).isTrue();
        assertThat(post(
                                "/api/moves?reading=FALL_OFF_FRAME&wanted=NaN&lever=LIGHT_DISTANCE",
                                chowder().toString())
                        .statusCode())
                .isEqualTo(200);
        assertThat(post(
                                "/api/moves?reading=NOTHING&wanted=1&lever=LIGHT_DISTANCE",
                                chowder().toString())
                        .statusCode())
                .isEqualTo(400);
    }

    /** In the unit of the field as the file has it: centimetres up for a length, whole degrees for an angle. */
    @Test
    public void aRefusalCarriesItsRemedy() {
        ObjectNode near = chowder();
        ((ObjectNode) near.get("backdrop")).put("distanceMetres", 0.3);
        ((ObjectNode) near.get("light")).put("clockHours", 12);
        JsonNode error =
                json(post("/api/readings", near.toString())).get("errors").get(0);
        assertThat(error.get("field").asString()).isEqualTo("backdrop.distanceMetres");
        ((ObjectNode) near.get("backdrop"))
                .put("distanceMetres", error.get("remedy").asDouble());
        assertThat(post("/api/readings", near.toString()).statusCode()).isEqualTo(200);
        ObjectNode low = chowder();
        ((ObjectNode) low.get("light")).put("heightAngleDegrees", 2);
        error = json(post("/api/readings", low.toString())).get("errors").get(0);
        assertThat(error.get("remedy").asDouble())
                .isBetween(10.0, 30.0)
                .satisfies(degrees -> assertThat(degrees % 1).isLessThan(1e-6));
        ((ObjectNode) low.get("light"))
                .put("heightAngleDegrees", error.get("remedy").asDouble());
        assertThat(post("/api/readings", low.toString()).statusCode()).isEqualTo(200);
    }

    @Test
    public void marksAreTheCores() {
        JsonNode marks = json(get("/api/marks"));
        assertThat(marks.get("apertures").toString()).contains("5.6");
        assertThat(marks.get("speeds").toString()).contains("640");
        assertThat(marks.get("shutters").size()).isGreaterThan(50);
    }

    @Test
    public void aFlashGoesOutAsAPhotometricFileAndComesBackAsOne() {
        HttpResponse<byte[]> file = post("/api/light-files", chowder().toString());
        assertThat(file.statusCode()).isEqualTo(200);
        assertThat(new String(file.body(), StandardCharsets.US_ASCII)).startsWith("IES:LM-63-2019");
        JsonNode lamp = json(lampFile(file.body()));
        assertThat(lamp.get("source").get("kind").asString()).isEqualTo("measured-flash");
        assertThat(lamp.get("face").get("widthMetres").asDouble()).isEqualTo(0.6);
        HttpResponse<byte[]> junk = lampFile("TILT=NONE".getBytes(StandardCharsets.US_ASCII));
        assertThat(junk.statusCode()).isEqualTo(422);
        assertThat(new String(junk.body(), StandardCharsets.UTF_8)).contains("first line");
    }

    private HttpResponse<byte[]> lampFile(byte[] file) {
        return send(to("/api/lamp-files")
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }
}
