package zephyrdune.server.pictures;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.web.socket.BinaryMessage;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketMessage;
import org.springframework.web.socket.WebSocketSession;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.formats.PngFile;

/** A view's end of its connection. Of frames that wait to be sent only the newest is kept. */
final class View {

    private static final Logger LOG = LoggerFactory.getLogger(View.class);

    private final WebSocketSession session;
    private final JsonMapper json;
    private final Executor senders;
    private final Easel easel = new Easel(this::show);
    private final AtomicReference<Frame> waiting = new AtomicReference<>();

    View(WebSocketSession session, JsonMapper json, Executor senders) {
        this.session = session;
        this.json = json;
        this.senders = senders;
    }

    Easel easel() {
        return easel;
    }

    private void show(Frame frame) {
        if (waiting.getAndSet(frame) == null) {
            senders.execute(this::send);
        }
    }

    /** One frame at a time, so that none overtakes another. */
    private synchronized void send() {
        Frame frame = waiting.getAndSet(null);
        if (frame == null || !session.isOpen()) {
            return;
        }
        byte[] news = json.writeValueAsString(frame.news()).getBytes(StandardCharsets.UTF_8);
        byte[] png = PngFile.write(frame.picture());
        ByteBuffer message = ByteBuffer.allocate(Integer.BYTES + news.length + png.length);
        message.putInt(news.length).put(news).put(png).flip();
        send(new BinaryMessage(message));
    }

    void say(Object something) {
        send(new TextMessage(json.writeValueAsString(something)));
    }

    private void send(WebSocketMessage<?> message) {
        synchronized (this) {
            if (session.isOpen()) {
                try {
                    session.sendMessage(message);
                } catch (IOException | IllegalStateException e) {
                    LOG.debug("a view's connection broke", e);
                }
            }
        }
    }
}
