package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A view's end of a connection, as a browser would have it. */
final class Viewer implements WebSocket.Listener, AutoCloseable {

    private static final int PATIENCE = 60;

    record Shown(JsonNode news, byte[] png) {}

    private final BlockingQueue<Shown> frames = new LinkedBlockingQueue<>();
    private final BlockingQueue<JsonNode> words = new LinkedBlockingQueue<>();
    private final StringBuilder text = new StringBuilder();
    private ByteBuffer message = ByteBuffer.allocate(1 << 22);
    private final WebSocket socket;
    private final boolean reads;

    Viewer(String address) {
        this(address, true);
    }

    /** @param reads whether it takes in what comes */
    Viewer(String address, boolean reads) {
        this.reads = reads;
        socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(URI.create(address), this)
                .join();
    }

    @Override
    public CompletionStage<?> onBinary(WebSocket from, ByteBuffer part, boolean last) {
        message.put(part);
        if (last) {
            message.flip();
            byte[] news = new byte[message.getInt()];
            message.get(news);
            byte[] png = new byte[message.remaining()];
            message.get(png);
            message.clear();
            frames.add(new Shown(RunningServer.JSON.readTree(news), png));
        }
        if (reads) {
            from.request(1);
        }
        return null;
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence part, boolean last) {
        text.append(part);
        if (last) {
            words.add(RunningServer.JSON.readTree(text.toString()));
            text.setLength(0);
        }
        from.request(1);
        return null;
    }

    void wish(long turn, ObjectNode set, String... off) {
        ObjectNode wish = RunningServer.JSON.createObjectNode().put("turn", turn);
        wish.set("set", set);
        for (String word : off) {
            wish.withArray("off").add(word);
        }
        say(wish.toString());
    }

    void say(String words) {
        socket.sendText(words, true).join();
    }

    Shown next() {
        try {
            Shown shown = frames.poll(PATIENCE, TimeUnit.SECONDS);
            assertThat(shown).as("a picture within a minute").isNotNull();
            return shown;
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    JsonNode word() {
        try {
            JsonNode word = words.poll(PATIENCE, TimeUnit.SECONDS);
            assertThat(word).as("an answer within a minute").isNotNull();
            return word;
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    Shown of(long turn) {
        Shown shown = next();
        while (shown.news.get("turn").asLong() != turn) {
            shown = next();
        }
        return shown;
    }

    @Override
    public void close() {
        socket.abort();
    }
}
