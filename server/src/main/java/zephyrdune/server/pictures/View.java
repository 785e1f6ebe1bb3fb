package zephyrdune.server.pictures;

import jakarta.websocket.RemoteEndpoint;
import jakarta.websocket.SendResult;
import jakarta.websocket.Session;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.formats.PngFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.render.picture.Loupe;
import zephyrdune.render.picture.Progress;

/**
 * A view's end of its connection. One message is on its way at a time; of each kind that waits only the newest is kept. However slowly a
 * view reads, no thread waits for it.
 */
final class View implements RenderJob.Gallery {

    private static final Logger LOG = LoggerFactory.getLogger(View.class);

    /** A view that has not taken a message in by then is gone. */
    private static final long SLOWEST_MILLIS = 20_000;

    private final Session session;
    private final RemoteEndpoint.Async remote;
    private final JsonMapper json;
    private final Executor encoders;
    private final RenderJob job;
    private final AtomicReference<Frame> frame = new AtomicReference<>();
    private final AtomicReference<Loupe> loupe = new AtomicReference<>();
    private final AtomicReference<Object> word = new AtomicReference<>();
    private final AtomicBoolean sending = new AtomicBoolean();
    private final AtomicReference<FrameRequest> wanted = new AtomicReference<>();
    private final AtomicBoolean preparing = new AtomicBoolean();

    // what has come of the message that is coming in
    private StringBuilder heard = new StringBuilder();
    private boolean tooLong;

    View(Session session, JsonMapper json, Executor encoders, Progress.Quality quality) {
        this.session = session;
        this.json = json;
        this.encoders = encoders;
        job = new RenderJob(this, quality);
        remote = session.getAsyncRemote();
        remote.setSendTimeout(SLOWEST_MILLIS);
    }

    /** Takes the newest wish; one that still waits is forgotten. */
    void wish(FrameRequest wish) {
        wanted.set(wish);
    }

    /** The wish to prepare next; nothing while one is being prepared, or when there is none. */
    Optional<FrameRequest> nextWish() {
        if (wanted.get() == null || !preparing.compareAndSet(false, true)) {
            return Optional.empty();
        }
        Optional<FrameRequest> next = Optional.ofNullable(wanted.getAndSet(null));
        if (next.isEmpty()) {
            preparing.set(false);
        }
        return next;
    }

    void prepared() {
        preparing.set(false);
    }

    /** Whether nobody looks any more. */
    boolean left() {
        return !session.isOpen();
    }

    RenderJob job() {
        return job;
    }

    /** Takes in a part of a message; gives the whole of it with the last. One that is too long is said to be, and dropped. */
    Optional<String> part(String text, boolean last) {
        boolean fits = heard.length() + text.length() <= SetFormat.LONGEST_FILE;
        tooLong |= !fits;
        if (fits) {
            heard.append(text);
        }
        if (!last) {
            return Optional.empty();
        }
        String whole = heard.toString();
        heard = new StringBuilder();
        if (tooLong) {
            tooLong = false;
            say(Map.of("problem", "The wish is longer than any set"));
            return Optional.empty();
        }
        return Optional.of(whole);
    }

    @Override
    public void show(Frame newest) {
        frame.set(newest);
        send();
    }

    @Override
    public void show(Loupe newest) {
        loupe.set(newest);
        send();
    }

    @Override
    public void failed(String words) {
        say(Map.of("problem", words));
    }

    /** Something that is said in words: what is wrong with the last wish. */
    void say(Object something) {
        word.set(something);
        send();
    }

    private void send() {
        if (sending.compareAndSet(false, true)) {
            encoders.execute(this::sendNext);
        }
    }

    private void sendNext() {
        Object words = word.getAndSet(null);
        Loupe looked = words == null ? loupe.getAndSet(null) : null;
        Frame shown = words == null && looked == null ? frame.getAndSet(null) : null;
        try {
            if (words != null) {
                remote.sendText(json.writeValueAsString(words), this::sent);
            } else if (looked != null) {
                remote.sendText(json.writeValueAsString(Map.of("loupe", looked)), this::sent);
            } else if (shown != null) {
                remote.sendBinary(message(shown), this::sent);
            } else {
                sending.set(false);
                if (word.get() != null || loupe.get() != null || frame.get() != null) {
                    send();
                }
            }
        } catch (RuntimeException | Error e) {
            LOG.debug("a view's connection broke", e);
            job.close();
        }
    }

    private ByteBuffer message(Frame shown) {
        byte[] news = json.writeValueAsString(shown.news()).getBytes(StandardCharsets.UTF_8);
        byte[] png = PngFile.write(shown.picture());
        ByteBuffer message = ByteBuffer.allocate(Integer.BYTES + news.length + png.length);
        return message.putInt(news.length).put(news).put(png).flip();
    }

    private void sent(SendResult result) {
        if (result.isOK() && session.isOpen()) {
            encoders.execute(this::sendNext);
        } else {
            LOG.debug("a view's connection broke", result.getException());
            job.close();
        }
    }
}
