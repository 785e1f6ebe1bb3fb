package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A folder that frames come into. */
public class TetherTest extends RunningServer {

    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private String set;
    private Path folder;

    @BeforeMethod
    public void watch() throws IOException {
        set = json(post("/api/sets", titled("Tethered").toString())).get("id").asString();
        folder = Files.createTempDirectory("tether");
        Files.write(folder.resolve("before.jpg"), FrameApiTest.grey(0));
        assertThat(watch(folder.toString()).get("folder").asString()).isEqualTo(folder.toString());
    }

    @AfterMethod(alwaysRun = true)
    public void stop() {
        send(to("/api/tether").DELETE().build());
    }

    private JsonNode watch(String path) {
        ObjectNode watch = JSON.createObjectNode().put("set", set).put("folder", path);
        return json(put("/api/tether", watch.toString()));
    }

    private List<String> names() {
        return json(get("/api/sets/" + set + "/frames"))
                .valueStream()
                .map(frame -> frame.get("name").asString())
                .toList();
    }

    private JsonNode status() {
        return json(get("/api/tether"));
    }

    private static void until(BooleanSupplier happened) {
        Instant end = Instant.now().plus(PATIENCE);
        while (!happened.getAsBoolean()) {
            assertThat(Instant.now()).isBefore(end);
            try {
                Thread.sleep(50);
            } catch (InterruptedException e) {
                throw new AssertionError(e);
            }
        }
    }

    private boolean refused(String name) {
        return status().get("refused")
                .valueStream()
                .anyMatch(file -> file.get("name").asString().equals(name));
    }

    @Test
    public void whatComesInIsAFrameAndWhatLayThereIsNot() throws IOException {
        Files.write(folder.resolve("first.jpg"), FrameApiTest.grey(1));
        until(() -> names().contains("first.jpg"));
        Files.write(folder.resolve("twice.jpg"), FrameApiTest.grey(1));
        Files.write(folder.resolve("second.jpg"), FrameApiTest.grey(2));
        until(() -> names().contains("second.jpg"));
        assertThat(names()).containsExactly("first.jpg", "second.jpg");
        assertThat(Files.list(folder).count()).isEqualTo(4);
    }

    /** A file that is still written is waited for, however slowly it comes. */
    @Test
    public void halfAFileIsNoFrameYet() throws Exception {
        byte[] whole = FrameApiTest.grey(3);
        Path slow = folder.resolve("slow.jpg");
        Files.write(slow, Arrays.copyOf(whole, whole.length / 2));
        Thread.sleep(1200);
        assertThat(names()).isEmpty();
        Files.write(slow, whole);
        until(() -> names().contains("slow.jpg"));
        assertThat(refused("slow.jpg")).isFalse();
    }

    @Test
    public void whatIsNoFrameIsTold() throws IOException {
        FileTime old = FileTime.from(Instant.now().minusSeconds(60));
        for (String name : List.of("notes.txt", "cut.jpg", "empty.jpg")) {
            byte[] file =
                    switch (name) {
                        case "cut.jpg" -> Arrays.copyOf(FrameApiTest.grey(4), 400);
                        case "empty.jpg" -> new byte[0];
                        default -> "a shopping list".getBytes();
                    };
            // whole before it lies in the folder, as a copy of an old file is
            Path part = Files.write(folder.resolve("." + name), file);
            Files.setLastModifiedTime(part, old);
            Files.move(part, folder.resolve(name));
        }
        until(() -> refused("notes.txt") && refused("cut.jpg") && refused("empty.jpg"));
        assertThat(names()).isEmpty();
        assertThat(status().get("waiting").asInt()).isZero();
    }

    @Test
    public void linksAreNotFollowedAndNamesAreNotBelieved() throws IOException {
        Path outside = Files.createTempFile("outside", ".jpg");
        Files.write(outside, FrameApiTest.grey(5));
        Files.createSymbolicLink(folder.resolve("link.jpg"), outside);
        Files.write(folder.resolve("two\nlines <script>.jpg"), FrameApiTest.grey(6));
        until(() -> names().size() == 1);
        assertThat(names()).containsExactly("two lines <script>.jpg");
    }

    @Test
    public void aFolderThatVanishesIsToldAndComesBack() throws IOException {
        Path away = folder.resolveSibling(folder.getFileName() + "-away");
        Files.move(folder, away);
        until(() -> status().get("trouble").asString().contains("no longer there"));
        Files.move(away, folder);
        Files.write(folder.resolve("after.jpg"), FrameApiTest.grey(7));
        until(() -> names().contains("after.jpg"));
        assertThat(status().get("trouble").asString()).isEmpty();
    }

    @Test
    public void foldersThatCannotBeWatchedAreRefused() throws IOException {
        for (String path : List.of("frames", folder.resolve("none").toString(), folder + "/before.jpg", "\0")) {
            JsonNode refused = watch(path);
            assertThat(refused.get("errors").get(0).get("field").asString())
                    .as(path)
                    .isEqualTo("folder");
        }
        assertThat(status().get("folder").asString()).isEqualTo(folder.toString());
    }

    @Test
    public void manyAtOnceAllComeInOnce() throws IOException {
        for (int i = 0; i < 60; i++) {
            Files.write(folder.resolve("many-%02d.jpg".formatted(i)), FrameApiTest.grey(100 + i));
        }
        until(() -> status().get("waiting").asInt() == 0 && names().size() >= 60);
        assertThat(names()).hasSize(60).doesNotHaveDuplicates();
    }

    /** The practice camera's frames come in by its folder, like any camera's. */
    @Test
    public void thePracticeCameraWritesIntoItsFolder() {
        JsonNode practising = json(post("/api/sets/" + set + "/practice-folder", ""));
        assertThat(practising.get("folder").asString()).endsWith("practice");
        assertThat(json(post("/api/practice-frames?kit=7", chowder().toString()))
                        .get("frames")
                        .asInt())
                .isEqualTo(1);
        until(() -> names().size() == 1);
        assertThat(names().get(0)).startsWith("practice-");
        JsonNode frame = json(get("/api/sets/" + set + "/frames")).get(0);
        assertThat(frame.get("aperture").asDouble()).isPositive();
    }
}
