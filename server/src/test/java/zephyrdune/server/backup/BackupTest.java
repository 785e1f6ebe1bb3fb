package zephyrdune.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.LookbookFormat;
import zephyrdune.set.look.Lookbook;
import zephyrdune.set.look.ReadyLooks;

/** A backup brings back what it was made of, or nothing at all. */
public class BackupTest {

    private static final OffsetDateTime NOW = OffsetDateTime.of(2026, 11, 27, 18, 0, 0, 123_456_000, ZoneOffset.UTC);

    private Path folder;

    @BeforeMethod
    public void newFolder() throws IOException {
        folder = Files.createTempDirectory("backup");
    }

    private static JsonNode demo(String name) {
        try {
            return JsonMapper.shared().readTree(Files.readAllBytes(Path.of("src/main/resources/" + name)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Kept kept(int version) {
        return new Kept(
                List.of(
                        new Kept.KeptSet(
                                new UUID(1, 1),
                                version,
                                NOW,
                                NOW.plusDays(1),
                                Optional.empty(),
                                demo("demo/1-chowder.json")),
                        new Kept.KeptSet(
                                new UUID(1, 2), 1, NOW, NOW, Optional.of(NOW.plusDays(2)), demo("demo/3-tart.json"))),
                List.of(
                        new Kept.KeptTake(
                                new UUID(2, 1),
                                new UUID(1, 1),
                                "Key alone",
                                "shadow 3.0 stops",
                                "card-1,room",
                                "/9j/4AAQ",
                                true,
                                NOW,
                                Optional.empty(),
                                demo("demo/1-chowder.json")),
                        new Kept.KeptTake(
                                new UUID(2, 2),
                                new UUID(1, 1),
                                "Take 2",
                                "",
                                "",
                                "",
                                false,
                                NOW,
                                Optional.of(NOW.plusDays(1)),
                                demo("demo/1-chowder.json"))),
                List.of(
                        new Kept.KeptFrame(
                                new UUID(4, 1),
                                new UUID(1, 1),
                                "frame 12.jpg",
                                "0a1b",
                                "Bench camera",
                                Optional.of(LocalDateTime.of(2026, 3, 4, 10, 11, 12)),
                                Optional.of(8.0),
                                Optional.of(1.0 / 125),
                                Optional.of(100.0),
                                900,
                                600,
                                "/9j/4AAQ",
                                NOW,
                                Optional.empty(),
                                false,
                                Optional.of(false),
                                Optional.of(JsonMapper.shared().readTree("{\"ratio\":1.5,\"points\":[]}")),
                                Optional.of(demo("demo/1-chowder.json"))),
                        new Kept.KeptFrame(
                                new UUID(4, 2),
                                new UUID(1, 1),
                                "scan.png",
                                "0a1c",
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                900,
                                600,
                                "/9j/4AAQ",
                                NOW,
                                Optional.of(NOW.plusDays(1)),
                                true,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty())),
                List.of(new Kept.KeptMeterReading(
                        new UUID(5, 1), new UUID(1, 1), "F_NUMBER", 7.1, NOW, demo("demo/1-chowder.json"))),
                List.of(new Kept.KeptToneCurve(
                        "Bench camera",
                        "Contrast",
                        NOW,
                        true,
                        JsonMapper.shared().createObjectNode().put("residual", 0.02))),
                Optional.of(new Kept.KeptSingle(3, NOW, demo("demo-kit.json"))),
                Optional.of(new Kept.KeptSingle(2, NOW, LookbookFormat.tree(new Lookbook(ReadyLooks.all())))),
                Optional.of(new Kept.KeptSingle(
                        4, NOW, JsonMapper.shared().createObjectNode().put("speed", 100))),
                List.of(new Kept.KeptPhotograph(
                        new UUID(3, 1),
                        "Last season",
                        "Lantern Wharf Canteen",
                        "/9j/4AAQ",
                        NOW,
                        JsonMapper.shared()
                                .createObjectNode()
                                .put("format", "zephyrdune-marks")
                                .put("version", 1))),
                List.of(new KeptShoot(
                        new UUID(6, 1),
                        2,
                        NOW,
                        NOW,
                        Optional.empty(),
                        demo("demo-shoot.json"),
                        List.of(new KeptShoot.KeptEvent(new UUID(6, 2), "tart", "DONE", NOW)))),
                List.of(new Kept.KeptNote(new UUID(2, 1), "as last season", 4)),
                List.of(new Kept.DoneOnce("demo sets", NOW)));
    }

    /** With nothing but these. */
    private static Kept of(
            List<Kept.KeptSet> sets,
            List<Kept.KeptTake> takes,
            List<Kept.KeptFrame> frames,
            List<Kept.KeptMeterReading> meters) {
        return new Kept(
                sets,
                takes,
                frames,
                meters,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    private Path written(Kept kept) throws IOException {
        Path file = folder.resolve("all.zip");
        BackupFile.write(file, kept, NOW.toInstant());
        return file;
    }

    /** The same archive with its entries changed. */
    private Path changed(Path file, BiFunction<String, String, String> change) throws IOException {
        Path other = folder.resolve("changed.zip");
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(other))) {
            Map<String, String> entries = new TreeMap<>();
            for (ZipEntry entry : zip.stream().toList()) {
                entries.put(
                        entry.getName(), new String(zip.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                String text = change.apply(entry.getKey(), entry.getValue());
                if (!text.isEmpty()) {
                    out.putNextEntry(new ZipEntry(entry.getKey()));
                    out.write(text.getBytes(StandardCharsets.UTF_8));
                }
            }
        }
        return other;
    }

    @Test
    public void bringsBackWhatItWasMadeOf() throws Exception {
        Kept kept = kept(7);
        assertThat(BackupFile.read(written(kept))).isEqualTo(kept);
    }

    /** Backups of version 1 had no takes. */
    @Test
    public void olderBackupsAreRead() throws Exception {
        Kept without = new Kept(
                kept(7).sets(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                kept(7).kit(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                kept(7).doneOnce());
        Path older = changed(
                written(without),
                (name, text) -> name.equals("manifest.json") ? text.replace("\"version\":9", "\"version\":1") : text);
        assertThat(BackupFile.read(older)).isEqualTo(without);
    }

    @Test
    public void aTakeOrAFrameOfNoSetIsRefused() throws Exception {
        Kept stray = of(List.of(), kept(7).takes(), List.of(), List.of());
        assertThatThrownBy(() -> BackupFile.read(written(stray))).hasMessageContaining("a take in it is of no set");
        Kept frame = of(List.of(), List.of(), kept(7).frames(), List.of());
        assertThatThrownBy(() -> BackupFile.read(written(frame)))
                .hasMessageContaining("a test frame in it is of no set");
        Kept meter = of(List.of(), List.of(), List.of(), kept(7).meterReadings());
        assertThatThrownBy(() -> BackupFile.read(written(meter)))
                .hasMessageContaining("a meter reading in it is of no set");
    }

    @Test
    public void anEmptyDatabaseToo() throws Exception {
        Kept nothing = of(List.of(), List.of(), List.of(), List.of());
        assertThat(BackupFile.read(written(nothing))).isEqualTo(nothing);
    }

    @Test
    public void cutOffAnywhereItIsRefused() throws Exception {
        byte[] whole = Files.readAllBytes(written(kept(7)));
        Path cut = folder.resolve("cut.zip");
        for (int length = 0; length < whole.length; length += 97) {
            Files.write(cut, Arrays.copyOf(whole, length));
            assertThatThrownBy(() -> BackupFile.read(cut)).isInstanceOf(BadBackup.class);
        }
    }

    @Test
    public void aByteChangedAnywhereIsNoticedOrHarmless() throws Exception {
        Kept kept = kept(7);
        byte[] whole = Files.readAllBytes(written(kept));
        Path spoiled = folder.resolve("spoiled.zip");
        Random random = new Random(14);
        for (int i = 0; i < 400; i++) {
            byte[] bytes = whole.clone();
            bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            Files.write(spoiled, bytes);
            try {
                // such as the time of an entry in the archive
                assertThat(BackupFile.read(spoiled)).isEqualTo(kept);
            } catch (BadBackup refused) {
                assertThat(refused).hasMessageMatching(".+");
            }
        }
    }

    @Test
    public void whatIsForeignChangedOrNewerIsRefused() throws Exception {
        Path good = written(kept(7));
        assertThatThrownBy(
                        () -> BackupFile.read(changed(good, (name, text) -> name.equals("manifest.json") ? "" : text)))
                .hasMessageContaining("no backup of Zephyrdune");
        assertThatThrownBy(() -> BackupFile.read(changed(good, (name, text) -> text.replace("Smoked", "Stewed"))))
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> BackupFile.read(changed(good, (name, text) -> name.equals("kit.json") ? "" : text)))
                .hasMessageContaining("damaged");
        assertThatThrownBy(() -> BackupFile.read(changed(
                        good,
                        (name, text) ->
                                name.equals("manifest.json") ? text.replace("\"version\":9", "\"version\":10") : text)))
                .hasMessageContaining("newer Zephyrdune");
        Path text = Files.writeString(folder.resolve("text.zip"), "this is no archive");
        assertThatThrownBy(() -> BackupFile.read(text)).hasMessageContaining("no backup");
    }

    @Test
    public void setsOfANewerVersionAreRefused() throws Exception {
        ObjectNode newer = ((ObjectNode) demo("demo/1-chowder.json")).put("version", 99);
        Kept kept = of(
                List.of(new Kept.KeptSet(new UUID(1, 1), 1, NOW, NOW, Optional.empty(), newer)),
                List.of(),
                List.of(),
                List.of());
        assertThatThrownBy(() -> BackupFile.read(written(kept))).hasMessageContaining("newer Zephyrdune");
    }

    @Test
    public void copiesAreMadeOfChangesAndTheOldestGiveWay() throws Exception {
        Path strange = Files.writeString(
                Files.createDirectories(folder.resolve("copies")).resolve("mine.zip"), "mine");
        Instant start = NOW.toInstant();
        for (int day = 0; day < 5; day++) {
            Copies copies = new Copies(
                    folder.resolve("copies"), 3, Clock.fixed(start.plusSeconds(86_400L * day), ZoneOffset.UTC));
            copies.keep(kept(1 + day / 2));
            copies.keep(kept(1 + day / 2));
        }
        Copies copies = new Copies(folder.resolve("copies"), 3, Clock.systemUTC());
        assertThat(copies.all()).hasSize(3);
        assertThat(BackupFile.read(copies.all().get(2)).sets().get(0).version()).isEqualTo(3);
        assertThat(BackupFile.read(copies.all().get(0)).sets().get(0).version()).isEqualTo(1);
        Clock later = Clock.fixed(start.plusSeconds(86_400L * 9), ZoneOffset.UTC);
        new Copies(folder.resolve("copies"), 3, later).keep(kept(9));
        assertThat(copies.all()).hasSize(3);
        assertThat(BackupFile.read(copies.all().get(0)).sets().get(0).version()).isEqualTo(2);
        assertThat(strange).as("what is no copy stays").exists();
    }
}
