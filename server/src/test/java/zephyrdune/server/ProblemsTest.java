package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.SetFormat;

/** Bad requests get problem details (RFC 9457) that name the field and give nothing of the program away. */
public class ProblemsTest extends RunningServer {

    private static final String GOOD = chowder().toString();

    @DataProvider
    Object[][] badSets() {
        return new Object[][] {
            {"\"distanceMetres\":0.9", "\"distanceMetres\":25", "light.distanceMetres", "between 0.05 and 10 metres"},
            {"\"distanceMetres\":0.9", "\"distanceMetres\":NaN", "light.distanceMetres", "between 0.05 and 10 metres"},
            {"\"distanceMetres\":0.9", "\"distanceMetres\":-Infinity", "light.distanceMetres", "between"},
            {"\"widthMetres\":0.6", "\"widthMetres\":0", "light.face.widthMetres", "between 0.005 and 3 metres"},
            {"\"heightAngleDegrees\":40", "\"heightAngleDegrees\":2", "light.heightAngleDegrees", "raise it"},
            {"\"distanceMetres\":0.9", "\"distanceMetres\":0.06", "light.heightAngleDegrees", "below the table"},
            {"\"version\":" + SetFormat.VERSION, "\"version\":" + (SetFormat.VERSION + 1), "version", "not known"},
            {"\"fill\"", "\"filled\"", "dish.filled", "not a field"},
        };
    }

    @Test(dataProvider = "badSets")
    public void badSetsNameTheField(String from, String to, String field, String words) {
        assertThat(GOOD).contains(from);
        String bad = GOOD.replace(from, to);
        for (String path :
                new String[] {"/api/readings", "/api/plan?reachMetres=1", "/api/picture-stops", "/api/sets"}) {
            HttpResponse<byte[]> response = post(path, bad);
            assertThat(response.statusCode()).as(path).isEqualTo(422);
            assertThat(response.headers().firstValue("content-type")).hasValue("application/problem+json");
            assertThat(json(response).get("errors").valueStream()).as(path).anySatisfy(error -> {
                assertThat(error.get("field").asString()).isEqualTo(field);
                assertThat(error.get("detail").asString()).contains(words);
            });
        }
    }

    /** Method, path, body, expected status. */
    @DataProvider
    Object[][] badRequests() {
        return new Object[][] {
            {"POST", "/api/readings", "", 400},
            {"POST", "/api/readings", "{", 400},
            {"POST", "/api/readings", "[1,2", 400},
            {"POST", "/api/readings", GOOD + GOOD, 400},
            {"POST", "/api/readings", "[".repeat(5000), 413},
            {"POST", "/api/readings", "\"" + "x".repeat(300_000) + "\"", 413},
            {"PUT", "/api/sets/00000000-0000-0000-0000-000000000000", "{\"version\":1}", 400},
            {"PUT", "/api/sets/00000000-0000-0000-0000-000000000000", "{\"version\":\"one\",\"set\":" + GOOD + "}", 400
            },
            {"PUT", "/api/sets/abc", "{\"version\":1,\"set\":" + GOOD + "}", 400},
            {"POST", "/api/plan?reachMetres=wide", GOOD, 400},
            {"POST", "/api/plan", GOOD, 400},
            {"POST", "/api/picture-files?kind=BEST", GOOD, 400},
            {"POST", "/api/profiles?fromAcross=a&fromDown=0&toAcross=1&toDown=1", GOOD, 400},
            {"PATCH", "/api/sets", GOOD, 405},
            {"POST", "/api/nothing", GOOD, 404},
        };
    }

    @Test(dataProvider = "badRequests")
    public void badRequestsGetProblemDetails(String method, String path, String body, int status) {
        HttpResponse<byte[]> response = send(method, path, body.getBytes(StandardCharsets.UTF_8));
        String text = new String(response.body(), StandardCharsets.UTF_8);
        assertThat(response.statusCode()).as(text).isEqualTo(status);
        JsonNode problem = json(response);
        assertThat(problem.get("status").asInt()).isEqualTo(status);
        assertThat(problem.get("detail").asString()).isNotBlank();
        assertThat(text).doesNotContain("zephyrdune.", "java.", "tools.jackson", "springframework", "\tat ");
    }

    @Test
    public void oddReachesAreHeldInBounds() {
        for (String reach : new String[] {"NaN", "-5", "1e300", "0"}) {
            HttpResponse<byte[]> response = post("/api/plan?reachMetres=" + reach, GOOD);
            assertThat(response.statusCode()).isEqualTo(200);
            assertThat(json(response).get("map").get("reach").asDouble()).isBetween(0.1, 25.0);
        }
    }

    @Test
    public void tenMegabytesOfJunk() {
        byte[] junk = new byte[10_000_000];
        new Random(3).nextBytes(junk);
        assertThat(send("POST", "/api/readings", junk).statusCode()).isBetween(400, 499);
        HttpResponse<byte[]> file = send(to("/api/set-files")
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(junk))
                .build());
        assertThat(file.statusCode()).isEqualTo(422);
        assertThat(json(file).get("detail").asString()).contains("too long to be a set");
    }

    @Test
    public void wrongContentTypeIsRefused() {
        HttpResponse<byte[]> response = send(to("/api/readings")
                .header("content-type", "text/plain")
                .POST(BodyPublishers.ofString(GOOD))
                .build());
        assertThat(response.statusCode()).isEqualTo(415);
    }
}
