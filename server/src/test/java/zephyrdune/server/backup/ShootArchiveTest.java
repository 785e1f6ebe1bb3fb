package zephyrdune.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What comes out of an archive is what went in, and nothing that is bad is taken in. */
public class ShootArchiveTest {

    private static final Instant NOW = Instant.parse("2026-03-04T10:00:00Z");

    private static Kept kept() throws IOException {
        Kept all = BackupTest.kept(2);
        return all.only(all.shoots().get(0));
    }

    private static byte[] zipped(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static Map<String, byte[]> entries(byte[] archive) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] changed(BiFunction<String, String, String> change) throws IOException {
        Map<String, byte[]> entries = entries(ShootArchive.write(kept(), NOW));
        entries.replaceAll((name, content) ->
                change.apply(name, new String(content, StandardCharsets.UTF_8)).getBytes(StandardCharsets.UTF_8));
        return zipped(entries);
    }

    @Test
    public void whatComesOutIsWhatWentIn() throws Exception {
        assertThat(ShootArchive.read(ShootArchive.write(kept(), NOW))).isEqualTo(kept());
        assertThat(entries(ShootArchive.write(kept(), NOW)))
                .containsKey("manifest.json")
                .containsKey("kit.json");
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {{"../evil.json"}, {"/etc/evil.json"}, {"sets/../../evil"}, {"C:\\evil"}, {"a\\..\\b"}};
    }

    @Test(dataProvider = "names")
    public void namesThatLeadOutsideAreRefused(String name) throws IOException {
        Map<String, byte[]> entries = entries(ShootArchive.write(kept(), NOW));
        entries.put(name, new byte[] {'{', '}'});
        assertThatThrownBy(() -> ShootArchive.read(zipped(entries)))
                .isInstanceOf(BadBackup.class)
                .hasMessageContaining("outside");
    }

    /** Fifty million noughts pack into some fifty thousand bytes. */
    @Test
    public void whatUnpacksToTooMuchIsRefused() throws IOException {
        Map<String, byte[]> entries = entries(ShootArchive.write(kept(), NOW));
        entries.put("sets/bomb.json", new byte[50_000_000]);
        byte[] archive = zipped(entries);
        assertThat(archive.length).isLessThan(1_000_000);
        assertThatThrownBy(() -> ShootArchive.read(archive)).hasMessageContaining("more than it may");
    }

    @Test
    public void whatIsForeignCutOrNewerIsRefused() throws IOException {
        assertThatThrownBy(() -> ShootArchive.read("no zip".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(BadBackup.class);
        byte[] whole = ShootArchive.write(kept(), NOW);
        assertThatThrownBy(() -> ShootArchive.read(java.util.Arrays.copyOf(whole, whole.length / 3)))
                .isInstanceOf(BadBackup.class);
        byte[] newer = changed(
                (name, text) -> name.equals("manifest.json") ? text.replace("\"version\":1", "\"version\":2") : text);
        assertThatThrownBy(() -> ShootArchive.read(newer)).hasMessageContaining("newer");
        byte[] other = changed((name, text) -> name.equals("manifest.json") ? text.replace("-shoot-", "-") : text);
        assertThatThrownBy(() -> ShootArchive.read(other)).hasMessageContaining("no archive");
        byte[] later = changed((name, text) ->
                name.startsWith("shoots/") ? text.replaceAll("\"version\":\\d+", "\"version\":99") : text);
        assertThatThrownBy(() -> ShootArchive.read(later)).hasMessageContaining("newer");
    }
}
