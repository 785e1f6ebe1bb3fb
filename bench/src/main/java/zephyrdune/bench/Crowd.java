package zephyrdune.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.net.http.WebSocketHandshakeException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Many people at one server: each drags the light of a demo set round the table, asking for pictures over a connection and for
 * readings as the page does, quick ones on the way and surer ones when it lets go. Prints how long they waited. Words: address, people,
 * seconds.
 */
public final class Crowd {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int STEP_MILLIS = 33;

    /** Steps of a drag, and of the pause after it. */
    private static final int DRAG = 120;

    private static final int PAUSE = 60;
    private static final int MOST_UNANSWERED = 2;
    private static final int PATIENCE_MILLIS = 400;
    private static final int BROKEN_OFF = 7;

    private final Queue<Long> pictures = new ConcurrentLinkedQueue<>();
    private final Queue<Long> movedReadings = new ConcurrentLinkedQueue<>();
    private final Queue<Long> readingsAtRest = new ConcurrentLinkedQueue<>();
    private final Queue<String> errors = new ConcurrentLinkedQueue<>();
    private final List<Person> persons = new ArrayList<>();
    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;

    private Crowd(String address) {
        this.address = address;
    }

    public static void main(String[] words) throws Exception {
        String address = words.length > 0 ? words[0] : "127.0.0.1:8480";
        int people = words.length > 1 ? Integer.parseInt(words[1]) : 20;
        int seconds = words.length > 2 ? Integer.parseInt(words[2]) : 60;
        Crowd crowd = new Crowd(address);
        crowd.come(people, seconds);
        crowd.print("readings while dragging", crowd.movedReadings);
        crowd.print("readings at rest", crowd.readingsAtRest);
        crowd.print("first pictures", crowd.pictures);
        System.out.printf(
                "frames in all: %d, fewest that one person got: %d, errors: %d%n",
                crowd.persons.stream().mapToInt(person -> person.frames.get()).sum(),
                crowd.persons.stream()
                        .mapToInt(person -> person.frames.get())
                        .min()
                        .orElse(0),
                crowd.errors.size());
        crowd.errors.stream().distinct().limit(5).forEach(System.out::println);
        System.exit(0);
    }

    private void come(int people, int seconds) throws Exception {
        List<Path> sets;
        try (var files = Files.list(Path.of("server/src/main/resources/demo"))) {
            sets = files.sorted().toList();
        }
        ScheduledExecutorService steps = Executors.newScheduledThreadPool(4);
        for (int i = 0; i < people; i++) {
            Person person = new Person((ObjectNode) JSON.readTree(Files.readAllBytes(sets.get(i % sets.size()))), i);
            persons.add(person);
            steps.scheduleAtFixedRate(person::step, 5L * i, STEP_MILLIS, TimeUnit.MILLISECONDS);
        }
        Thread.sleep(TimeUnit.SECONDS.toMillis(seconds));
        steps.shutdownNow();
    }

    private void print(String what, Queue<Long> nanos) {
        double[] millis = nanos.stream().mapToDouble(n -> n / 1e6).sorted().toArray();
        if (millis.length == 0) {
            System.out.println(what + ": none");
            return;
        }
        System.out.printf(
                "%s: %d, median %.0f ms, 95 %% within %.0f ms, 99 %% within %.0f ms, longest %.0f ms%n",
                what,
                millis.length,
                millis[millis.length / 2],
                millis[millis.length * 95 / 100],
                millis[millis.length * 99 / 100],
                Arrays.stream(millis).max().orElseThrow());
    }

    /** One view in one browser. */
    private final class Person implements WebSocket.Listener {

        private final ObjectNode set;
        private final int number;
        private final Map<Long, Long> asked = new ConcurrentHashMap<>();
        private final AtomicInteger frames = new AtomicInteger();
        private final AtomicBoolean reading = new AtomicBoolean();
        private WebSocket socket;
        private ByteBuffer message;
        private long turn;
        private volatile long answered;
        private long lastAsked;
        private int count;

        /** Whether readings were asked for since it let go. */
        private boolean rested = true;

        Person(ObjectNode set, int number) {
            this.set = set;
            this.number = number;
            connect();
        }

        private void connect() {
            message = ByteBuffer.allocate(1 << 22);
            asked.clear();
            answered = turn;
            socket = client.newWebSocketBuilder()
                    .buildAsync(URI.create("ws://" + address + "/api/pictures"), this)
                    .join();
        }

        void step() {
            try {
                count++;
                int phase = (count + 31 * number) % (DRAG + PAUSE);
                if (phase == DRAG && number % BROKEN_OFF == 0) {
                    // somebody's connection breaks in the middle of a picture
                    socket.abort();
                    connect();
                }
                if (phase < DRAG) {
                    ObjectNode light = (ObjectNode) set.get("light");
                    light.put("clockHours", 8.5 + 1.5 * Math.sin(number + 0.04 * count));
                    read(true);
                    rested = false;
                    wish();
                } else if (!rested) {
                    rested = read(false);
                }
            } catch (RuntimeException e) {
                errors.add(
                        e.getCause() instanceof WebSocketHandshakeException refused
                                ? "no connection: " + refused.getResponse()
                                : e.toString());
            }
        }

        private void wish() {
            long now = System.nanoTime();
            boolean patient = now - lastAsked < TimeUnit.MILLISECONDS.toNanos(PATIENCE_MILLIS);
            if (turn - answered >= MOST_UNANSWERED && patient) {
                return;
            }
            turn++;
            lastAsked = now;
            asked.put(turn, now);
            ObjectNode wish = JSON.createObjectNode();
            wish.put("turn", turn);
            wish.set("set", set);
            wish.putArray("off");
            socket.sendText(JSON.writeValueAsString(wish), true).join();
        }

        /** Returns whether it asked; not while an answer is still to come. */
        private boolean read(boolean moving) {
            if (!reading.compareAndSet(false, true)) {
                return false;
            }
            long start = System.nanoTime();
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create("http://" + address + "/api/readings?moving=" + moving))
                    .header("Content-Type", "application/json")
                    .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(set)))
                    .build();
            client.sendAsync(request, HttpResponse.BodyHandlers.ofByteArray()).whenComplete((answer, e) -> {
                reading.set(false);
                (moving ? movedReadings : readingsAtRest).add(System.nanoTime() - start);
                if (e != null || answer.statusCode() != 200) {
                    errors.add("readings: " + (e != null ? e : answer.statusCode()));
                }
            });
            return true;
        }

        @Override
        public CompletionStage<?> onBinary(WebSocket from, ByteBuffer part, boolean last) {
            message.put(part);
            if (last) {
                message.flip();
                byte[] news = new byte[message.getInt()];
                message.get(news);
                message.clear();
                frames.incrementAndGet();
                long of = JSON.readTree(news).get("turn").asLong();
                answered = Math.max(answered, of);
                Long start = asked.get(of);
                if (start != null) {
                    pictures.add(System.nanoTime() - start);
                    asked.keySet().removeIf(older -> older <= of);
                }
            }
            from.request(1);
            return null;
        }

        @Override
        public CompletionStage<?> onText(WebSocket from, CharSequence words, boolean last) {
            JsonNode said = JSON.readTree(words.toString());
            errors.add(said.path("problem").asString("said something else"));
            from.request(1);
            return null;
        }

        @Override
        public void onError(WebSocket from, Throwable e) {
            if (from == socket) {
                errors.add(e.toString());
            }
        }
    }
}
