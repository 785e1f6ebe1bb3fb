package zephyrdune.devices;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.power.Percent;
import zephyrdune.set.power.StopScale;

/**
 * A receiver to practise with: three lights whose power is set over HTTP, by the interface that {@code docs/power.md} describes, on this machine alone.
 */
public final class PracticeReceiver implements AutoCloseable {

    private static final String NAME = "Practice receiver";
    private static final String GROUPS = "/groups/";
    private static final String FIRE = "/fire";
    private static final int LONGEST_BODY = 10_000;

    private static final JsonMapper JSON = new JsonMapper();

    private final HttpServer server;
    private final List<PowerGroup> groups;

    /** @param port to listen on; 0 for any that is free */
    public PracticeReceiver(int port, Clock clock) throws IOException {
        groups = List.of(
                new PowerGroup("A", new Fractions(7, DialStep.THIRD), true, 2.6, 30, clock),
                new PowerGroup("B", new StopScale(10, 8, DialStep.TENTH), true, 1.5, 60, clock),
                new PowerGroup("C", new Percent(0.01, 0.01, Dimming.LINEAR), false, 0, 0, clock));
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/", this::answer);
        server.start();
    }

    public URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
    }

    @Override
    public void close() {
        server.stop(0);
    }

    private void answer(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getPath();
        String method = exchange.getRequestMethod();
        if (path.equals("/") && method.equals("GET")) {
            send(exchange, 200, receiver());
        } else if (path.startsWith(GROUPS)) {
            boolean fire = path.endsWith(FIRE);
            String name = path.substring(GROUPS.length(), path.length() - (fire ? FIRE.length() : 0));
            Optional<PowerGroup> group =
                    groups.stream().filter(one -> one.name().equals(name)).findFirst();
            if (group.isEmpty()) {
                send(exchange, 404, problem("there is no group " + name));
            } else if (method.equals(fire ? "POST" : "PUT")) {
                PowerGroup.Outcome outcome =
                        fire ? group.get().fire() : group.get().set(mark(exchange));
                send(exchange, status(outcome), told(outcome, group.get()));
            } else {
                send(exchange, 405, problem("that is not done to a group"));
            }
        } else {
            send(exchange, 404, problem("there is nothing here"));
        }
    }

    private static String mark(HttpExchange exchange) throws IOException {
        byte[] body = exchange.getRequestBody().readNBytes(LONGEST_BODY);
        try {
            return JSON.readTree(body).path("mark").asString("");
        } catch (JacksonException unreadable) {
            return "";
        }
    }

    private static int status(PowerGroup.Outcome outcome) {
        return switch (outcome) {
            case DONE -> 200;
            case NO_SUCH_MARK -> 422;
            case CHARGING, TOO_HOT, NO_FLASH -> 409;
        };
    }

    private static ObjectNode told(PowerGroup.Outcome outcome, PowerGroup group) {
        return switch (outcome) {
            case DONE -> node(group);
            case NO_SUCH_MARK -> problem("the control of group " + group.name() + " has no such mark");
            case CHARGING -> problem("group " + group.name() + " is charging");
            case TOO_HOT -> problem("group " + group.name() + " is too hot and has to cool");
            case NO_FLASH -> problem("group " + group.name() + " is a lamp, and shines all the time");
        };
    }

    private static ObjectNode problem(String detail) {
        return JSON.createObjectNode().put("detail", detail);
    }

    private ObjectNode receiver() {
        ObjectNode node = JSON.createObjectNode().put("name", NAME);
        ArrayNode all = node.putArray("groups");
        groups.forEach(group -> all.add(node(group)));
        return node;
    }

    private static ObjectNode node(PowerGroup group) {
        ObjectNode node = JSON.createObjectNode()
                .put("name", group.name())
                .put("kind", group.flash() ? "flash" : "lamp")
                .put("mark", group.mark().text())
                .put("readyInSeconds", group.untilReady().toMillis() / 1000.0);
        ArrayNode marks = node.putArray("marks");
        for (DialMark mark : group.marks()) {
            marks.add(mark.text());
        }
        return node;
    }

    private static void send(HttpExchange exchange, int status, ObjectNode body) throws IOException {
        byte[] bytes = body.toString().getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("content-type", "application/json");
        exchange.sendResponseHeaders(status, bytes.length);
        try (exchange) {
            exchange.getResponseBody().write(bytes);
        }
    }

    /** {@code receiver PORT}: a receiver by itself, until it is stopped. */
    public static void main(String[] arguments) {
        try {
            PracticeReceiver receiver = new PracticeReceiver(Integer.parseInt(arguments[0]), Clock.systemUTC());
            System.out.println(NAME + " on " + receiver.address());
        } catch (IOException taken) {
            throw new UncheckedIOException(taken);
        }
    }
}
