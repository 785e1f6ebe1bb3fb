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
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Enumeration;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.KitFormat;
import zephyrdune.formats.LookbookFormat;
import zephyrdune.formats.MarksFormat;
import zephyrdune.formats.SetFormat;

/**
 * A backup as a ZIP archive of JSON files: {@code manifest.json}, one file for each set and for each take with the set file in it, the kit, the lookbook, one for each kept photograph, and what
 * was done once. The manifest holds a digest (SHA-256) of all the others, so that what was cut or changed is noticed.
 */
final class BackupFile {

    static final String FORMAT = "zephyrdune-backup";
    static final int VERSION = 4;

    private static final String MANIFEST = "manifest.json";
    private static final String KIT = "kit.json";
    private static final String PHOTOGRAPHS = "photographs/";
    private static final String LOOKBOOK = "lookbook.json";
    private static final String DONE_ONCE = "done-once.json";
    private static final String SETS = "sets/";
    private static final String TAKES = "takes/";

    private static final int MOST_ENTRIES = 200_000;
    private static final int LONGEST_ENTRY = 20_000_000;
    private static final long LONGEST = 2_000_000_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BackupFile() {}

    /** Writes a backup; there is either the whole file in the end, or what was there before. */
    static void write(Path file, Kept kept, Instant now) throws IOException {
        Map<String, byte[]> entries = entries(kept);
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
                put(zip, MANIFEST, bytes(manifest));
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

    private static Map<String, byte[]> entries(Kept kept) {
        Map<String, byte[]> entries = new TreeMap<>();
        for (Kept.KeptSet set : kept.sets()) {
            ObjectNode node = JSON.createObjectNode();
            node.put("id", set.id().toString());
            node.put("version", set.version());
            node.put("createdAt", set.createdAt().toString());
            node.put("updatedAt", set.updatedAt().toString());
            set.deletedAt().ifPresent(at -> node.put("deletedAt", at.toString()));
            node.set("document", set.document());
            entries.put(SETS + set.id() + ".json", bytes(node));
        }
        for (Kept.KeptTake take : kept.takes()) {
            ObjectNode node = JSON.createObjectNode();
            node.put("id", take.id().toString());
            node.put("set", take.set().toString());
            node.put("name", take.name());
            node.put("about", take.about());
            node.put("off", take.off());
            node.put("picture", take.picture());
            node.put("fine", take.fine());
            node.put("madeAt", take.madeAt().toString());
            take.deletedAt().ifPresent(at -> node.put("deletedAt", at.toString()));
            node.set("document", take.document());
            entries.put(TAKES + take.id() + ".json", bytes(node));
        }
        kept.kit().ifPresent(kit -> entries.put(KIT, bytes(single(kit))));
        kept.lookbook().ifPresent(book -> entries.put(LOOKBOOK, bytes(single(book))));
        for (Kept.KeptPhotograph photograph : kept.photographs()) {
            ObjectNode node = JSON.createObjectNode();
            node.put("id", photograph.id().toString());
            node.put("title", photograph.title());
            node.put("client", photograph.client());
            node.put("picture", photograph.picture());
            node.put("keptAt", photograph.keptAt().toString());
            node.set("document", photograph.marks());
            entries.put(PHOTOGRAPHS + photograph.id() + ".json", bytes(node));
        }
        ArrayNode once = JSON.createArrayNode();
        for (Kept.DoneOnce done : kept.doneOnce()) {
            once.addObject()
                    .put("what", done.what())
                    .put("doneAt", done.doneAt().toString());
        }
        entries.put(DONE_ONCE, bytes(once));
        return entries;
    }

    private static ObjectNode single(Kept.KeptSingle single) {
        ObjectNode node = JSON.createObjectNode();
        node.put("version", single.version());
        node.put("updatedAt", single.updatedAt().toString());
        node.set("document", single.document());
        return node;
    }

    private static Kept.KeptSingle single(JsonNode node, String format, int newest) throws BadBackup {
        return new Kept.KeptSingle(
                node.path("version").intValue(), time(node, "updatedAt"), document(node, format, newest));
    }

    private static byte[] bytes(JsonNode node) {
        return node.toString().getBytes(StandardCharsets.UTF_8);
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
        return digest(entries(kept));
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
            return kept(entries);
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
        JsonNode manifest = entry == null ? JSON.missingNode() : tree(content(zip, entry));
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

    private static JsonNode tree(byte[] content) throws BadBackup {
        try {
            return JSON.readTree(content);
        } catch (JacksonException e) {
            throw new BadBackup("It is damaged: a file in it cannot be read");
        }
    }

    private static Kept kept(Map<String, byte[]> entries) throws BadBackup {
        List<Kept.KeptSet> sets = new ArrayList<>();
        List<Kept.KeptTake> takes = new ArrayList<>();
        Optional<Kept.KeptSingle> kit = Optional.empty();
        Optional<Kept.KeptSingle> lookbook = Optional.empty();
        List<Kept.KeptPhotograph> photographs = new ArrayList<>();
        List<Kept.DoneOnce> once = new ArrayList<>();
        try {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                JsonNode node = tree(entry.getValue());
                if (entry.getKey().startsWith(SETS)) {
                    sets.add(set(node));
                } else if (entry.getKey().startsWith(TAKES)) {
                    takes.add(take(node));
                } else if (entry.getKey().startsWith(PHOTOGRAPHS)) {
                    photographs.add(photograph(node));
                } else if (entry.getKey().equals(KIT)) {
                    kit = Optional.of(single(node, KitFormat.FORMAT, KitFormat.VERSION));
                } else if (entry.getKey().equals(LOOKBOOK)) {
                    lookbook = Optional.of(single(node, LookbookFormat.FORMAT, LookbookFormat.VERSION));
                } else if (entry.getKey().equals(DONE_ONCE)) {
                    for (JsonNode done : node) {
                        once.add(new Kept.DoneOnce(done.path("what").asString(), time(done, "doneAt")));
                    }
                }
            }
        } catch (IllegalArgumentException | DateTimeParseException | JacksonException e) {
            throw new BadBackup("It is damaged: a file in it lacks something");
        }
        Set<UUID> known = sets.stream().map(Kept.KeptSet::id).collect(Collectors.toSet());
        if (takes.stream().anyMatch(take -> !known.contains(take.set()))) {
            throw new BadBackup("It is damaged: a take in it is of no set in it");
        }
        return new Kept(sets, takes, kit, lookbook, photographs, once);
    }

    private static Kept.KeptSet set(JsonNode node) throws BadBackup {
        return new Kept.KeptSet(
                UUID.fromString(node.path("id").asString()),
                node.path("version").intValue(),
                time(node, "createdAt"),
                time(node, "updatedAt"),
                node.has("deletedAt") ? Optional.of(time(node, "deletedAt")) : Optional.empty(),
                document(node, SetFormat.FORMAT, SetFormat.VERSION));
    }

    private static Kept.KeptTake take(JsonNode node) throws BadBackup {
        String picture = node.path("picture").asString();
        Base64.getDecoder().decode(picture);
        return new Kept.KeptTake(
                UUID.fromString(node.path("id").asString()),
                UUID.fromString(node.path("set").asString()),
                node.path("name").asString(),
                node.path("about").asString(),
                node.path("off").asString(),
                picture,
                node.path("fine").booleanValue(),
                time(node, "madeAt"),
                node.has("deletedAt") ? Optional.of(time(node, "deletedAt")) : Optional.empty(),
                document(node, SetFormat.FORMAT, SetFormat.VERSION));
    }

    private static Kept.KeptPhotograph photograph(JsonNode node) throws BadBackup {
        String picture = node.path("picture").asString();
        Base64.getDecoder().decode(picture);
        return new Kept.KeptPhotograph(
                UUID.fromString(node.path("id").asString()),
                node.path("title").asString(),
                node.path("client").asString(),
                picture,
                time(node, "keptAt"),
                document(node, MarksFormat.FORMAT, MarksFormat.VERSION));
    }

    private static OffsetDateTime time(JsonNode node, String field) {
        return OffsetDateTime.parse(node.path(field).asString());
    }

    private static JsonNode document(JsonNode node, String format, int newest) throws BadBackup {
        JsonNode document = node.path("document");
        if (!document.path("format").asString("").equals(format)) {
            throw new BadBackup("It is damaged: a document in it is of no known kind");
        }
        if (document.path("version").asInt(0) > newest) {
            throw new BadBackup("It was made by a newer Zephyrdune; bring it back with that one");
        }
        return document;
    }
}
