package zephyrdune.server.power;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URLEncoder;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.units.measure.Refused;

/** Speaks to a receiver: short waits, short answers, and nothing that is not on this network. */
@Component
class ReceiverClient {

    private static final Duration PATIENCE = Duration.ofSeconds(3);
    private static final int LONGEST_ANSWER = 64_000;
    private static final int MOST_GROUPS = 32;
    private static final int MOST_MARKS = 1000;

    private static final JsonMapper JSON = new JsonMapper();

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();

    /**
     * An address as somebody types it.
     *
     * @throws Refused for what is no address of a machine on this network
     */
    static String address(String typed) {
        String text = typed.strip();
        try {
            URI uri = new URI(text.contains("://") ? text : "http://" + text);
            if (!"http".equals(uri.getScheme()) || uri.getHost() == null) {
                throw new URISyntaxException(text, "no http address");
            }
            requireNear(uri.getHost());
            return "http://" + uri.getHost() + (uri.getPort() < 0 ? "" : ":" + uri.getPort());
        } catch (URISyntaxException e) {
            throw new Refused(
                    "address", "“%s” is no address of a receiver; it looks like 192.168.1.20:8490".formatted(text));
        }
    }

    private static void requireNear(String host) {
        try {
            for (InetAddress address : InetAddress.getAllByName(host)) {
                if (!address.isLoopbackAddress() && !address.isSiteLocalAddress() && !address.isLinkLocalAddress()) {
                    throw new Refused("address", "“%s” is not on this network; a receiver is".formatted(host));
                }
            }
        } catch (UnknownHostException e) {
            throw new Refused("address", "No machine on this network is called “%s”".formatted(host));
        }
    }

    PowerReceiver receiver(String address, boolean practice) {
        JsonNode node =
                ask(address, HttpRequest.newBuilder(URI.create(address + "/")).GET());
        List<PowerReceiver.PowerGroup> groups = new ArrayList<>();
        for (JsonNode group : node.path("groups")) {
            if (groups.size() < MOST_GROUPS) {
                groups.add(group(group));
            }
        }
        if (groups.isEmpty()) {
            throw strange(address);
        }
        return new PowerReceiver(address, practice, node.path("name").asString(""), groups);
    }

    PowerReceiver.PowerGroup set(String address, String group, String mark) {
        String path = "/groups/" + URLEncoder.encode(group, StandardCharsets.UTF_8);
        return group(ask(
                address,
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("content-type", "application/json")
                        .PUT(BodyPublishers.ofString(
                                JSON.createObjectNode().put("mark", mark).toString()))));
    }

    private static PowerReceiver.PowerGroup group(JsonNode group) {
        List<String> marks = new ArrayList<>();
        for (JsonNode mark : group.path("marks")) {
            if (marks.size() < MOST_MARKS) {
                marks.add(mark.asString(""));
            }
        }
        return new PowerReceiver.PowerGroup(
                group.path("name").asString(""),
                group.path("kind").asString(""),
                group.path("mark").asString(""),
                Math.max(0, group.path("readyInSeconds").asDouble(0)),
                marks);
    }

    private JsonNode ask(String address, HttpRequest.Builder request) {
        try {
            HttpResponse<InputStream> response =
                    http.send(request.timeout(PATIENCE).build(), BodyHandlers.ofInputStream());
            JsonNode answer;
            try (InputStream body = response.body()) {
                answer = JSON.readTree(body.readNBytes(LONGEST_ANSWER));
            }
            if (response.statusCode() == 200) {
                return answer;
            }
            String why = answer.path("detail").asString("");
            throw why.isEmpty() ? strange(address) : new Refused("mark", "The receiver says: " + why);
        } catch (JacksonException e) {
            throw strange(address);
        } catch (IOException e) {
            throw new Refused(
                    "address", "Nothing answers at %s: is the receiver on, and on this network?".formatted(address));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static Refused strange(String address) {
        return new Refused("address", "What answers at %s is no receiver that this program knows".formatted(address));
    }
}
