package zephyrdune.server.pictures;

import jakarta.websocket.Session;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.adapter.NativeWebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.formats.BadFile;
import zephyrdune.server.work.Busy;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.server.work.Left;
import zephyrdune.server.work.TooHeavy;
import zephyrdune.units.measure.Refused;

/**
 * One connection for each view: wishes come in as text, pictures go out as they get finer. A picture is a binary message: four
 * bytes with the length of what is said of it, that as JSON ({@link FrameNews}), then a PNG file.
 */
@Component
class PictureSocket extends TextWebSocketHandler {

    private static final Logger LOG = LoggerFactory.getLogger(PictureSocket.class);
    private static final int ENCODERS = 2;

    /** Views at once; who comes later is asked to try again. */
    private static final int MOST_VIEWS = 400;

    private final Painter painter;
    private final ComputeLimiter computing;
    private final FrameRequestReader reader;
    private final JsonMapper json;
    private final PictureSettings settings;
    private final Map<String, View> views = new ConcurrentHashMap<>();
    private final ExecutorService encoders = Executors.newFixedThreadPool(ENCODERS, work -> {
        Thread thread = new Thread(work, "pictures-out");
        thread.setDaemon(true);
        return thread;
    });

    PictureSocket(Painter painter, ComputeLimiter computing, JsonMapper json, PictureSettings settings) {
        this.painter = painter;
        this.computing = computing;
        this.json = json;
        this.settings = settings;
        reader = new FrameRequestReader(json);
    }

    @Override
    public void afterConnectionEstablished(WebSocketSession session) throws IOException {
        Session connection = ((NativeWebSocketSession) session).getNativeSession(Session.class);
        if (views.size() >= MOST_VIEWS || connection == null) {
            session.close(CloseStatus.SERVICE_OVERLOAD);
            return;
        }
        View view = new View(connection, json, encoders, settings.quality());
        views.put(session.getId(), view);
        painter.add(view.job());
    }

    @Override
    protected void handleTextMessage(WebSocketSession session, TextMessage message) {
        View view = views.get(session.getId());
        if (view == null) {
            return;
        }
        Optional<String> whole = view.part(message.getPayload(), message.isLast());
        if (whole.isPresent()) {
            hear(view, whole.get());
        }
    }

    private void hear(View view, String words) {
        try {
            JsonNode tree = reader.tree(words);
            if (tree.has("look")) {
                JsonNode look = tree.path("look");
                view.job()
                        .look(new LoupePlace(
                                look.path("across").asDouble(0),
                                look.path("down").asDouble(0)));
            } else {
                view.wish(reader.wish(tree));
                prepareNext(view);
            }
            painter.wake();
        } catch (BadFile e) {
            view.say(Map.of("problem", e.getMessage(), "errors", e.problems()));
        } catch (Refused e) {
            view.say(Map.of("problem", e.getMessage()));
        } catch (JacksonException e) {
            view.say(Map.of("problem", "The wish is not readable as JSON"));
        }
    }

    /** What comes before painting may be heavy: it waits its turn, one for each view, and has a budget, like every other answer. */
    private void prepareNext(View view) {
        view.nextWish()
                .ifPresent(wish -> computing
                        .picturePlan(wish.set(), view::left, wish::prepare)
                        .whenComplete((prepared, failure) -> {
                            if (prepared != null) {
                                view.job().wish(prepared);
                                painter.wake();
                            } else if (!(failure instanceof Left)) {
                                view.failed(
                                        failure instanceof TooHeavy || failure instanceof Busy
                                                ? failure.getMessage()
                                                : "This picture could not be made; the next change of the set tries again");
                            }
                            view.prepared();
                            prepareNext(view);
                        }));
    }

    /** A wish is a few thousand characters as a rule; room for the longest is not held ready for every view. */
    @Override
    public boolean supportsPartialMessages() {
        return true;
    }

    @Override
    public void handleTransportError(WebSocketSession session, Throwable e) {
        LOG.debug("a view's connection broke", e);
        close(session);
    }

    @Override
    public void afterConnectionClosed(WebSocketSession session, CloseStatus status) {
        close(session);
    }

    private void close(WebSocketSession session) {
        View view = views.remove(session.getId());
        if (view != null) {
            painter.remove(view.job());
        }
    }
}
