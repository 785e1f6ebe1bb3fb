package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.stream.StreamSupport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Whose requests are answered, of what type they are, and what comes back. */
public class AccessTest extends RunningServer {

    private static final String GOOD = chowder().toString();

    /** Headers that browsers send by themselves, and what becomes of the request (W3C, Fetch Metadata; RFC 6454). */
    @DataProvider
    Object[][] pages() {
        return new Object[][] {
            {"Sec-Fetch-Site", "same-origin", 200},
            {"Sec-Fetch-Site", "none", 200},
            {"Sec-Fetch-Site", "same-site", 403},
            {"Sec-Fetch-Site", "cross-site", 403},
            {"Origin", "http://elsewhere.example", 403},
            {"Origin", "http://127.0.0.1:1", 403},
            {"Origin", "null", 403},
        };
    }

    @Test(dataProvider = "pages")
    public void pagesFromElsewhereAreRefused(String header, String value, int status) {
        HttpResponse<byte[]> listed = send(to("/api/sets").header(header, value).build());
        assertThat(listed.statusCode()).isEqualTo(status);
        long before = sets();
        HttpResponse<byte[]> added = send(to("/api/sets")
                .header(header, value)
                .header("content-type", "application/json")
                .POST(BodyPublishers.ofString(GOOD))
                .build());
        assertThat(added.statusCode()).isEqualTo(status == 200 ? 201 : status);
        assertThat(sets()).isEqualTo(status == 200 ? before + 1 : before);
    }

    private long sets() {
        JsonNode list = json(get("/api/sets"));
        return StreamSupport.stream(list.spliterator(), false).count();
    }

    @DataProvider
    Object[][] types() {
        return new Object[][] {
            {"application/json", 200},
            {"application/json;charset=utf-8", 200},
            {"application/x-yaml", 415},
            {"application/yaml", 415},
            {"multipart/form-data; boundary=x", 415},
            {"application/x-www-form-urlencoded", 415},
            {"text/plain", 415},
            {"application/*", 415},
            {"*/*", 415},
            {"nonsense", 415},
            {"application/problem+json", 415},
            {"application/octet-stream", 415},
        };
    }

    @Test(dataProvider = "types")
    public void onlyJsonIsReadAsJson(String type, int status) {
        HttpResponse<byte[]> response = send(to("/api/readings")
                .header("content-type", type)
                .POST(BodyPublishers.ofString(GOOD))
                .build());
        assertThat(response.statusCode()).isEqualTo(status);
        if (status != 200) {
            assertThat(json(response).get("detail").asString()).isNotBlank();
        }
    }

    @Test
    public void whatHasNoTypeIsRefused() {
        HttpResponse<byte[]> response =
                send(to("/api/readings").POST(BodyPublishers.ofString(GOOD)).build());
        assertThat(response.statusCode()).isEqualTo(415);
    }

    @DataProvider
    Object[][] accepted() {
        return new Object[][] {
            {"application/json", 200},
            {"*/*", 200},
            {"application/yaml", 406},
            {"application/xml", 406},
            {"application/cbor", 406},
            {"text/html", 406}
        };
    }

    @Test(dataProvider = "accepted")
    public void onlyWhatIsPromisedIsAnswered(String accept, int status) {
        assertThat(send(to("/api/sets").header("accept", accept).build()).statusCode())
                .isEqualTo(status);
    }

    @Test
    public void addressesThatCannotBeDecodedAreProblems() {
        for (String path : new String[] {"/api/sets/%ff", "/%ff", "/api/%00"}) {
            String answer = RawHttp.answer(to("/").build().uri(), "GET " + path + " HTTP/1.1");
            assertThat(answer)
                    .startsWith("HTTP/1.1 400")
                    .contains("urn:zephyrdune:problem:")
                    .doesNotContain("<html");
        }
    }

    @Test
    public void questionsThatCannotBeDecodedAreProblems() {
        for (String question : new String[] {"?a=%zz", "?card=%", "?name=%ff%"}) {
            String answer = RawHttp.answer(
                    to("/").build().uri(), "POST /api/card-cuts" + question + " HTTP/1.1\r\nContent-Length: 0");
            assertThat(answer).startsWith("HTTP/1.1 400").contains("cannot be decoded");
        }
    }

    @Test
    public void whatIsNotThereIsNotKept() {
        HttpResponse<byte[]> missing = get("/assets/none.js");
        assertThat(missing.statusCode()).isEqualTo(404);
        assertThat(missing.headers().firstValue("cache-control").orElseThrow()).doesNotContain("immutable");
    }

    @Test
    public void aKeyThatIsNotSetOpensNothing() {
        HttpResponse<byte[]> response = get("/?key=");
        assertThat(response.headers().firstValue("set-cookie")).isEmpty();
    }
}
