package zephyrdune.server.backup;

import java.io.BufferedOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Enumeration;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A backup as a ZIP archive of JSON files: {@code manifest.json}, and what {@link BackupEntries} makes of
 * everything that is kept. The manifest holds a digest (SHA-256) of all the others, so that what was cut or changed is noticed.
 */
final class BackupFile {

    static final String FORMAT = "zephyrdune-backup";
    static final int VERSION = 9;

    private static final String MANIFEST = "manifest.json";

    private static final int MOST_ENTRIES = 200_000;
    private static final int LONGEST_ENTRY = 20_000_000;
    private static final long LONGEST = 2_000_000_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BackupFile() {}

    /** Writes a backup; there is either the whole file in the end, or what was there before. */
    static void write(Path file, Kept kept, Instant now) throws IOException {
        Map<String, byte[]> entries = BackupEntries.write(kept);
        ObjectNode manifest = JSON.createObjectNode();
        manifest.put("format", FORMAT);
        manifest.put("version", VERSION);
        manifest.put("madeAt", now.toString());
        manifest.put("sets", kept.sets().size());
        manifest.put("digest", digest(entries));
        Path whole = file.toAbsolutePath();
        Path part = Files.createTempFile(whole.getParent(), ".zephyrdune", ".part");
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part));
                    ZipOutputStream zip = new ZipOutputStream(out)) {
                put(zip, MANIFEST, BackupEntries.bytes(manifest));
                for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                    put(zip, entry.getKey(), entry.getValue());
                }
            }
            try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** Of names and contents in the order of names. */
    private static String digest(Map<String, byte[]> entries) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                digest.update(
                        (entry.getKey() + "\n" + entry.getValue().length + "\n").getBytes(StandardCharsets.UTF_8));
                digest.update(entry.getValue());
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The digest of what would be written. */
    static String digest(Kept kept) {
        return digest(BackupEntries.write(kept));
    }

    /** The digest that a backup's manifest states; empty for what is no backup. */
    static Optional<String> statedDigest(Path file) {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            return Optional.of(manifest(zip).path("digest").asString(""));
        } catch (IOException | BadBackup e) {
            return Optional.empty();
        }
    }

    /**
     * Reads a backup and checks all of it.
     *
     * @throws BadBackup saying what is wrong with it
     */
    static Kept read(Path file) throws IOException, BadBackup {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            JsonNode manifest = manifest(zip);
            Map<String, byte[]> entries = new TreeMap<>();
            long length = 0;
            if (zip.size() > MOST_ENTRIES) {
                throw new BadBackup("It holds more than %,d files".formatted(MOST_ENTRIES));
            }
            for (Enumeration<? extends ZipEntry> each = zip.entries(); each.hasMoreElements(); ) {
                ZipEntry entry = each.nextElement();
                if (!entry.getName().equals(MANIFEST)) {
                    byte[] content = content(zip, entry);
                    length += content.length;
                    if (length > LONGEST) {
                        throw new BadBackup("It holds more than %,d bytes".formatted(LONGEST));
                    }
                    entries.put(entry.getName(), content);
                }
            }
            if (!digest(entries).equals(manifest.path("digest").asString(""))) {
                throw new BadBackup("It is damaged: what it holds is not what was written into it");
            }
            return BackupEntries.read(entries);
        } catch (ZipException | EOFException e) {
            throw new BadBackup("This is no backup, or it is cut off");
        }
    }

    private static byte[] content(ZipFile zip, ZipEntry entry) throws IOException, BadBackup {
        byte[] content = zip.getInputStream(entry).readNBytes(LONGEST_ENTRY + 1);
        if (content.length > LONGEST_ENTRY) {
            throw new BadBackup("A file in it is longer than %,d bytes".formatted(LONGEST_ENTRY));
        }
        return content;
    }

    private static JsonNode manifest(ZipFile zip) throws IOException, BadBackup {
        ZipEntry entry = zip.getEntry(MANIFEST);
        JsonNode manifest = entry == null ? JSON.missingNode() : BackupEntries.tree(content(zip, entry));
        if (!manifest.path("format").asString("").equals(FORMAT)) {
            throw new BadBackup("This is no backup of Zephyrdune");
        }
        int version = manifest.path("version").asInt(0);
        if (version < 1) {
            throw new BadBackup("It is damaged: it does not say of which version it is");
        }
        if (version > VERSION) {
            throw new BadBackup("It was made by a newer Zephyrdune; bring it back with that one");
        }
        return manifest;
    }
}
