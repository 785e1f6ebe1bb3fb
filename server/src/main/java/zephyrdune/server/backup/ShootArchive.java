package zephyrdune.server.backup;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A shoot to take to another installation: a ZIP archive of JSON files. {@code manifest.json} says of which format and version it is; the shoot with
 * what happened at it, its sets, and their takes, test frames, meter readings and notes lie beside it as in a backup, and the kit as it was.
 */
final class ShootArchive {

    static final String FORMAT = "zephyrdune-shoot-archive";
    static final int VERSION = 1;

    /** Longest archive that is taken in, bytes, and longest in all when it is unpacked. */
    static final int LONGEST_FILE = 200_000_000;

    private static final long LONGEST = 1_000_000_000;
    private static final int LONGEST_ENTRY = 20_000_000;
    private static final int MOST_ENTRIES = 20_000;

    private static final String MANIFEST = "manifest.json";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private ShootArchive() {}

    static byte[] write(Kept kept, Instant now) {
        ObjectNode manifest = JSON.createObjectNode();
        manifest.put("format", FORMAT);
        manifest.put("version", VERSION);
        manifest.put("madeAt", now.toString());
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            put(zip, MANIFEST, BackupEntries.bytes(manifest));
            for (Map.Entry<String, byte[]> entry : BackupEntries.write(kept).entrySet()) {
                put(zip, entry.getKey(), entry.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** @throws BadBackup saying what is wrong with it */
    static Kept read(byte[] archive) throws BadBackup {
        Map<String, byte[]> entries = unpacked(archive);
        JsonNode manifest =
                BackupEntries.tree(Optional.ofNullable(entries.remove(MANIFEST)).orElse(new byte[] {'{', '}'}));
        if (!manifest.path("format").asString("").equals(FORMAT)) {
            throw new BadBackup("This is no archive of a shoot");
        }
        int version = manifest.path("version").asInt(0);
        if (version < 1 || version > VERSION) {
            throw new BadBackup("It was made by a newer Zephyrdune; bring it in with that one");
        }
        Kept kept = BackupEntries.read(entries);
        if (kept.shoots().size() != 1) {
            throw new BadBackup("It is damaged: it does not hold one shoot");
        }
        return kept;
    }

    private static Map<String, byte[]> unpacked(byte[] archive) throws BadBackup {
        Map<String, byte[]> entries = new TreeMap<>();
        long length = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                requireInside(entry.getName());
                if (entries.size() >= MOST_ENTRIES) {
                    throw new BadBackup("It holds more than %,d files".formatted(MOST_ENTRIES));
                }
                byte[] content = zip.readNBytes(LONGEST_ENTRY + 1);
                length += content.length;
                if (content.length > LONGEST_ENTRY || length > LONGEST) {
                    throw new BadBackup("It unpacks to more than it may: %,d bytes a file, %,d in all"
                            .formatted(LONGEST_ENTRY, LONGEST));
                }
                entries.put(entry.getName(), content);
            }
        } catch (ZipException e) {
            throw new BadBackup("This is no ZIP archive, or it is cut off");
        } catch (IOException e) {
            throw new BadBackup("It is damaged or cut off");
        }
        return entries;
    }

    /** Nothing is written to where a name says; but whoever names a place outside has something else in mind. */
    private static void requireInside(String name) throws BadBackup {
        boolean outside = name.startsWith("/")
                || name.contains("\\")
                || name.contains(":")
                || List.of(name.split("/")).contains("..");
        if (outside) {
            throw new BadBackup("A file in it is to lie outside of it; it is not taken in");
        }
    }
}
