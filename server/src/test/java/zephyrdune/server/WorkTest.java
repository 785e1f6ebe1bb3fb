package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.server.work.Busy;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.server.work.TooHeavy;
import zephyrdune.units.measure.Cancellation;

/** Work is bounded, ends when nobody waits for it, and keeps nothing else from being answered. */
public class WorkTest extends RunningServer {

    private static final int PATIENCE_SECONDS = 60;

    @Autowired
    private ComputeLimiter computing;

    /** A set that would take minutes: a dozen cards of many openings each before a light that is not even. */
    static ObjectNode heavy() {
        ObjectNode set = chowder();
        ((ObjectNode) set.get("light"))
                .set(
                        "spread",
                        JSON.createObjectNode()
                                .put("kind", "honeycomb")
                                .put("power", 1)
                                .put("angleDegrees", 40)
                                .put("axialLossStops", 0.3));
        ArrayNode cards = set.putArray("cards");
        for (int i = 0; i < 12; i++) {
            cards.add(DocumentsTest.card(1500, 10 + 0.05 * i)
                    .put("distanceMetres", 0.4 + 0.02 * i)
                    .put("leanDegrees", -40));
        }
        return set;
    }

    private static void spin(AtomicBoolean going) {
        going.set(true);
        double sum = 0;
        while (sum >= 0) {
            Cancellation.check();
            sum += 1e-9;
        }
    }

    @Test
    public void workBeyondItsBudgetEndsAndSaysWhatMadeItHeavy() {
        var response = post("/api/steps", heavy().toString());
        assertThat(response.statusCode()).isEqualTo(422);
        assertThat(json(response).get("type").asString()).isEqualTo("urn:zephyrdune:problem:too-heavy");
        assertThat(json(response).get("detail").asString())
                .contains("more than 5 seconds", "openings in its cards", "12 cards");
        assertThat(post("/api/readings", chowder().toString()).statusCode())
                .as("the next one on the same thread")
                .isEqualTo(200);
    }

    @Test
    public void endlessWorkIsEnded() {
        assertThatThrownBy(() -> computing
                        .slowly(() -> {
                            spin(new AtomicBoolean());
                            return 1;
                        })
                        .get(PATIENCE_SECONDS, TimeUnit.SECONDS))
                .hasCauseInstanceOf(TooHeavy.class);
    }

    /** What others do for it counts as its own, though it itself only waits. */
    @Test
    public void endlessHelpIsEnded() {
        assertThatThrownBy(() -> computing
                        .slowly(() -> Cancellation.aside(() -> {
                                    spin(new AtomicBoolean());
                                    return 1;
                                })
                                .outcome())
                        .get(PATIENCE_SECONDS, TimeUnit.SECONDS))
                .hasCauseInstanceOf(TooHeavy.class);
    }

    @Test
    public void whatFindsTheQueueFullIsRefusedAtOnce() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch hold = new CountDownLatch(1);
        Supplier<Integer> holding = () -> {
            begun.countDown();
            try {
                hold.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return 1;
        };
        List<CompletableFuture<Integer>> all = new ArrayList<>();
        try {
            all.add(computing.slowly(holding));
            assertThat(begun.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
            for (int i = 0; i < 60; i++) {
                all.add(computing.slowly(holding));
            }
            CompletableFuture<Integer> last = all.get(all.size() - 1);
            assertThat(last).isCompletedExceptionally();
            assertThatThrownBy(last::join)
                    .isInstanceOf(CompletionException.class)
                    .hasCauseInstanceOf(Busy.class);
            var refused = post("/api/findings", chowder().toString());
            assertThat(refused.statusCode()).isEqualTo(503);
            assertThat(refused.headers().firstValue("retry-after")).isPresent();
            assertThat(post("/api/readings", chowder().toString()).statusCode())
                    .as("quick answers have a queue of their own")
                    .isEqualTo(200);
        } finally {
            hold.countDown();
        }
        assertThat(all.get(0).get(PATIENCE_SECONDS, TimeUnit.SECONDS)).isEqualTo(1);
    }

    /** Its connection closed, the work that was asked for over it ends long before its budget. */
    @Test
    public void workEndsWhenWhoeverAskedLeaves() throws Exception {
        byte[] body = heavy().toString().getBytes(StandardCharsets.UTF_8);
        URI server = to("/").build().uri();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            RawHttp.write(
                    socket,
                    "POST /api/steps HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: "
                            + body.length + "\r\n\r\n");
            socket.getOutputStream().write(body);
            socket.getOutputStream().flush();
            assertThat(becomes(true)).as("the work begins").isTrue();
        }
        long from = System.nanoTime();
        assertThat(becomes(false)).as("the work ends").isTrue();
        assertThat((System.nanoTime() - from) / 1e9).isLessThan(4);
    }

    private boolean becomes(boolean busy) throws InterruptedException {
        for (int i = 0; i < 200; i++) {
            if (computing.busy() == busy) {
                return true;
            }
            Thread.sleep(50);
        }
        return false;
    }

    /** Twice as many as the server has threads. */
    @Test
    public void bodiesThatTrickleInHoldNoThreads() throws IOException {
        URI server = to("/").build().uri();
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 80; i++) {
                Socket socket = new Socket(server.getHost(), server.getPort());
                slow.add(socket);
                RawHttp.write(
                        socket,
                        "POST /api/readings HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                                + "Content-Length: 3000\r\n\r\n{\"format\"");
            }
            assertThat(get("/api/sets").statusCode()).isEqualTo(200);
            assertThat(get("/api/health").statusCode()).isEqualTo(200);
            assertThat(post("/api/readings", chowder().toString()).statusCode()).isEqualTo(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    @Test
    public void listsAndHealthAnswerWhileFilesAreMade() throws Exception {
        List<CompletableFuture<Integer>> files = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            files.add(CompletableFuture.supplyAsync(() -> post(
                            "/api/picture-files?kind=PNG&width=120", chowder().toString())
                    .statusCode()));
        }
        for (int i = 0; i < 10; i++) {
            assertThat(get("/api/sets").statusCode()).isEqualTo(200);
            assertThat(get("/api/health").statusCode()).isEqualTo(200);
        }
        for (CompletableFuture<Integer> file : files) {
            assertThat(file.get(2, TimeUnit.MINUTES)).isIn(200, 503);
        }
    }

    @Test
    public void aBodyLongerThanAnythingIsRefused() throws IOException {
        URI server = to("/").build().uri();
        try (Socket socket = new Socket(server.getHost(), server.getPort())) {
            RawHttp.write(
                    socket,
                    "POST /api/readings HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\n"
                            + "Content-Length: 99000000\r\n\r\n{");
            byte[] answer = socket.getInputStream().readNBytes(12);
            assertThat(new String(answer, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 413");
        }
    }
}
