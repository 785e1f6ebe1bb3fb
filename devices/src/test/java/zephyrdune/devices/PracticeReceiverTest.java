package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The practice receiver by the interface that real ones would have. */
public class PracticeReceiverTest {

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private MovedClock clock;
    private PracticeReceiver receiver;

    /** A clock that stands until it is moved. */
    private static final class MovedClock extends Clock {

        private Instant now = Instant.parse("2026-03-04T10:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        void pass(double seconds) {
            now = now.plus(Duration.ofMillis(Math.round(1000 * seconds)));
        }
    }

    @BeforeMethod
    public void start() throws IOException {
        clock = new MovedClock();
        receiver = new PracticeReceiver(0, clock);
    }

    @AfterMethod
    public void stop() {
        receiver.close();
    }

    private HttpResponse<String> ask(String method, String path, String body) throws IOException, InterruptedException {
        return HTTP.send(
                HttpRequest.newBuilder(URI.create(receiver.address() + path))
                        .method(method, BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    private static JsonNode json(HttpResponse<String> response) {
        return JsonMapper.shared().readTree(response.body());
    }

    private int fire(String group) throws IOException, InterruptedException {
        return ask("POST", "/groups/" + group + "/fire", "").statusCode();
    }

    @Test
    public void marksAreSetAndThoseItHasNotAreRefused() throws Exception {
        JsonNode all = json(ask("GET", "/", ""));
        assertThat(all.get("groups").size()).isEqualTo(3);
        assertThat(all.get("groups").get(0).get("marks").get(0).asString()).isEqualTo("1/1");
        JsonNode set = json(ask("PUT", "/groups/A", "{\"mark\":\"1/8 + 1/3\"}"));
        assertThat(set.get("mark").asString().replace(" ", "")).isEqualTo("1/8+1/3");
        HttpResponse<String> none = ask("PUT", "/groups/A", "{\"mark\":\"1/9\"}");
        assertThat(none.statusCode()).isEqualTo(422);
        assertThat(json(none).get("detail").asString()).contains("no such mark");
        assertThat(ask("PUT", "/groups/A", "no json").statusCode()).isEqualTo(422);
        assertThat(ask("PUT", "/groups/Z", "{}").statusCode()).isEqualTo(404);
        assertThat(ask("DELETE", "/groups/A", "").statusCode()).isEqualTo(405);
        assertThat(ask("GET", "/elsewhere", "").statusCode()).isEqualTo(404);
        // what was refused changed nothing
        assertThat(json(ask("GET", "/", ""))
                        .get("groups")
                        .get(0)
                        .get("mark")
                        .asString()
                        .replace(" ", ""))
                .isEqualTo("1/8+1/3");
    }

    /** An eighth of the light takes an eighth of the time to charge again. */
    @Test
    public void aFlashChargesAsLongAsItsLightTook() throws Exception {
        assertThat(fire("A")).isEqualTo(200);
        assertThat(fire("A")).isEqualTo(409);
        clock.pass(2.5);
        assertThat(fire("A")).isEqualTo(409);
        clock.pass(0.2);
        ask("PUT", "/groups/A", "{\"mark\":\"1/8\"}");
        assertThat(fire("A")).isEqualTo(200);
        clock.pass(0.3);
        assertThat(fire("A")).isEqualTo(409);
        clock.pass(0.1);
        assertThat(fire("A")).isEqualTo(200);
    }

    @Test
    public void aRowOfFullFlashesIsTooHot() throws Exception {
        int fired = 0;
        while (fire("A") == 200) {
            fired++;
            clock.pass(2.6);
        }
        // thirty, and what cooled off meanwhile
        assertThat(fired).isBetween(30, 60);
        HttpResponse<String> hot = ask("POST", "/groups/A/fire", "");
        assertThat(json(hot).get("detail").asString()).contains("too hot");
        double left = json(ask("GET", "/", ""))
                .get("groups")
                .get(0)
                .get("readyInSeconds")
                .asDouble();
        assertThat(left).isBetween(60.0, 120.0);
        clock.pass(left - 1);
        assertThat(fire("A")).isEqualTo(409);
        clock.pass(2);
        assertThat(fire("A")).isEqualTo(200);
    }

    @Test
    public void aLampShinesAllTheTime() throws Exception {
        HttpResponse<String> lamp = ask("POST", "/groups/C/fire", "");
        assertThat(lamp.statusCode()).isEqualTo(409);
        assertThat(json(lamp).get("detail").asString()).contains("lamp");
        assertThat(json(ask("PUT", "/groups/C", "{\"mark\":\"43 %\"}"))
                        .get("mark")
                        .asString())
                .isEqualTo("43 %");
    }
}
