package zephyrdune.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The whole server on a real database, spoken to over HTTP. One context serves every test class. */
@SpringBootTest(classes = Application.class, webEnvironment = WebEnvironment.RANDOM_PORT)
abstract class RunningServer extends AbstractTestNGSpringContextTests {

    static final JsonMapper JSON = JsonMapper.shared();

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    @LocalServerPort
    private int port;

    HttpRequest.Builder to(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(60));
    }

    static HttpResponse<byte[]> send(HttpRequest request) {
        try {
            return CLIENT.send(request, BodyHandlers.ofByteArray());
        } catch (IOException | InterruptedException e) {
            throw new AssertionError(request.method() + " " + request.uri() + " had no answer", e);
        }
    }

    HttpResponse<byte[]> get(String path) {
        return send(to(path).build());
    }

    HttpResponse<byte[]> send(String method, String path, byte[] body) {
        return send(to(path).header("content-type", "application/json")
                .method(method, BodyPublishers.ofByteArray(body))
                .build());
    }

    HttpResponse<byte[]> post(String path, String body) {
        return send("POST", path, body.getBytes(StandardCharsets.UTF_8));
    }

    HttpResponse<byte[]> put(String path, String body) {
        return send("PUT", path, body.getBytes(StandardCharsets.UTF_8));
    }

    static JsonNode json(HttpResponse<byte[]> response) {
        return JSON.readTree(response.body());
    }

    /** A demo set's file, as an example of a good one. */
    static ObjectNode chowder() {
        try {
            return (ObjectNode) JSON.readTree(Files.readAllBytes(Path.of("src/main/resources/demo/1-chowder.json")));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    static ObjectNode titled(String title) {
        return chowder().put("title", title);
    }
}
