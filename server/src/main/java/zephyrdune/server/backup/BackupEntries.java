package zephyrdune.server.backup;

import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
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
 * The JSON files of a backup: one for each set, and for each take and test frame with the set file in it, what hand meters said, the tone curves of cameras, the kit, the lookbook, the wall test, one for each kept
 * photograph and shoot, and what was done once.
 */
final class BackupEntries {

    private static final String KIT = "kit.json";
    private static final String FRAMES = "frames/";
    private static final String METER_READINGS = "meter-readings/";
    private static final String WALL_TEST = "wall-test.json";
    private static final String TONE_CURVES = "tone-curves.json";
    private static final String PHOTOGRAPHS = "photographs/";
    private static final String RECORD_NOTES = "record-notes.json";
    private static final String SHOOTS = "shoots/";
    private static final String LOOKBOOK = "lookbook.json";
    private static final String DONE_ONCE = "done-once.json";
    private static final String SETS = "sets/";
    private static final String TAKES = "takes/";

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BackupEntries() {}

    /** Names and contents in the order of names. */
    static Map<String, byte[]> write(Kept kept) {
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
        for (Kept.KeptFrame frame : kept.frames()) {
            ObjectNode node = JSON.createObjectNode();
            node.put("id", frame.id().toString());
            node.put("set", frame.set().toString());
            node.put("name", frame.name());
            node.put("hash", frame.hash());
            node.put("camera", frame.camera());
            frame.takenAt().ifPresent(at -> node.put("takenAt", at.toString()));
            frame.aperture().ifPresent(value -> node.put("aperture", value));
            frame.shutter().ifPresent(value -> node.put("shutter", value));
            frame.speed().ifPresent(value -> node.put("speed", value));
            node.put("width", frame.width());
            node.put("height", frame.height());
            node.put("picture", frame.picture());
            node.put("addedAt", frame.addedAt().toString());
            frame.deletedAt().ifPresent(at -> node.put("deletedAt", at.toString()));
            node.put("lit", frame.lit());
            frame.counts().ifPresent(counts -> node.put("counts", counts));
            frame.registration().ifPresent(registration -> node.set("registration", registration));
            frame.document().ifPresent(document -> node.set("document", document));
            entries.put(FRAMES + frame.id() + ".json", bytes(node));
        }
        for (Kept.KeptMeterReading meter : kept.meterReadings()) {
            ObjectNode node = JSON.createObjectNode();
            node.put("id", meter.id().toString());
            node.put("set", meter.set().toString());
            node.put("kind", meter.kind());
            node.put("value", meter.value());
            node.put("readAt", meter.readAt().toString());
            node.set("document", meter.document());
            entries.put(METER_READINGS + meter.id() + ".json", bytes(node));
        }
        ArrayNode curves = JSON.createArrayNode();
        for (Kept.KeptToneCurve curve : kept.toneCurves()) {
            curves.addObject()
                    .put("camera", curve.camera())
                    .put("style", curve.style())
                    .put("learntAt", curve.learntAt().toString())
                    .put("inUse", curve.inUse())
                    .set("learnt", curve.learnt());
        }
        entries.put(TONE_CURVES, bytes(curves));
        kept.kit().ifPresent(kit -> entries.put(KIT, bytes(single(kit))));
        kept.lookbook().ifPresent(book -> entries.put(LOOKBOOK, bytes(single(book))));
        kept.wallTest().ifPresent(test -> entries.put(WALL_TEST, bytes(single(test))));
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
        kept.shoots().forEach(shoot -> entries.put(SHOOTS + shoot.id() + ".json", bytes(shoot.entry())));
        ArrayNode notes = JSON.createArrayNode();
        kept.notes()
                .forEach(note -> notes.addObject()
                        .put("record", note.record().toString())
                        .put("notes", note.notes())
                        .put("rating", note.rating()));
        entries.put(RECORD_NOTES, bytes(notes));
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

    static byte[] bytes(JsonNode node) {
        return node.toString().getBytes(StandardCharsets.UTF_8);
    }

    static JsonNode tree(byte[] content) throws BadBackup {
        try {
            return JSON.readTree(content);
        } catch (JacksonException e) {
            throw new BadBackup("It is damaged: a file in it cannot be read");
        }
    }

    /** @throws BadBackup saying what is wrong */
    static Kept read(Map<String, byte[]> entries) throws BadBackup {
        List<Kept.KeptSet> sets = new ArrayList<>();
        List<Kept.KeptTake> takes = new ArrayList<>();
        List<Kept.KeptFrame> frames = new ArrayList<>();
        Optional<Kept.KeptSingle> kit = Optional.empty();
        Optional<Kept.KeptSingle> lookbook = Optional.empty();
        Optional<Kept.KeptSingle> wallTest = Optional.empty();
        List<Kept.KeptMeterReading> meters = new ArrayList<>();
        List<Kept.KeptToneCurve> curves = new ArrayList<>();
        List<Kept.KeptPhotograph> photographs = new ArrayList<>();
        List<Kept.KeptNote> notes = new ArrayList<>();
        List<KeptShoot> shoots = new ArrayList<>();
        List<Kept.DoneOnce> once = new ArrayList<>();
        try {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                JsonNode node = tree(entry.getValue());
                if (entry.getKey().startsWith(SETS)) {
                    sets.add(set(node));
                } else if (entry.getKey().startsWith(TAKES)) {
                    takes.add(take(node));
                } else if (entry.getKey().startsWith(FRAMES)) {
                    frames.add(frame(node));
                } else if (entry.getKey().startsWith(METER_READINGS)) {
                    meters.add(new Kept.KeptMeterReading(
                            UUID.fromString(node.path("id").asString()),
                            UUID.fromString(node.path("set").asString()),
                            node.path("kind").asString(),
                            node.path("value").doubleValue(),
                            time(node, "readAt"),
                            document(node, SetFormat.FORMAT, SetFormat.VERSION)));
                } else if (entry.getKey().equals(WALL_TEST)) {
                    wallTest = Optional.of(new Kept.KeptSingle(
                            node.path("version").intValue(), time(node, "updatedAt"), node.path("document")));
                } else if (entry.getKey().startsWith(PHOTOGRAPHS)) {
                    photographs.add(photograph(node));
                } else if (entry.getKey().equals(RECORD_NOTES)) {
                    for (JsonNode note : node) {
                        notes.add(new Kept.KeptNote(
                                UUID.fromString(note.path("record").asString()),
                                note.path("notes").asString(),
                                note.path("rating").intValue()));
                    }
                } else if (entry.getKey().startsWith(SHOOTS)) {
                    shoots.add(KeptShoot.read(node));
                } else if (entry.getKey().equals(TONE_CURVES)) {
                    for (JsonNode curve : node) {
                        curves.add(new Kept.KeptToneCurve(
                                curve.path("camera").asString(),
                                curve.path("style").asString(),
                                time(curve, "learntAt"),
                                curve.path("inUse").booleanValue(),
                                curve.path("learnt")));
                    }
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
        if (frames.stream().anyMatch(frame -> !known.contains(frame.set()))) {
            throw new BadBackup("It is damaged: a test frame in it is of no set in it");
        }
        if (meters.stream().anyMatch(meter -> !known.contains(meter.set()))) {
            throw new BadBackup("It is damaged: a meter reading in it is of no set in it");
        }
        return new Kept(sets, takes, frames, meters, curves, kit, lookbook, wallTest, photographs, shoots, notes, once);
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

    private static Kept.KeptFrame frame(JsonNode node) throws BadBackup {
        String picture = node.path("picture").asString();
        Base64.getDecoder().decode(picture);
        return new Kept.KeptFrame(
                UUID.fromString(node.path("id").asString()),
                UUID.fromString(node.path("set").asString()),
                node.path("name").asString(),
                node.path("hash").asString(),
                node.path("camera").asString(""),
                node.has("takenAt")
                        ? Optional.of(LocalDateTime.parse(node.path("takenAt").asString()))
                        : Optional.empty(),
                number(node, "aperture"),
                number(node, "shutter"),
                number(node, "speed"),
                node.path("width").intValue(),
                node.path("height").intValue(),
                picture,
                time(node, "addedAt"),
                node.has("deletedAt") ? Optional.of(time(node, "deletedAt")) : Optional.empty(),
                node.path("lit").booleanValue(true),
                node.has("counts") ? Optional.of(node.path("counts").booleanValue()) : Optional.empty(),
                Optional.of(node.path("registration")).filter(JsonNode::isObject),
                node.has("document")
                        ? Optional.of(document(node, SetFormat.FORMAT, SetFormat.VERSION))
                        : Optional.empty());
    }

    private static Optional<Double> number(JsonNode node, String field) {
        return node.has(field) ? Optional.of(node.path(field).doubleValue()) : Optional.empty();
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

    static OffsetDateTime time(JsonNode node, String field) {
        return OffsetDateTime.parse(node.path(field).asString());
    }

    static JsonNode document(JsonNode node, String format, int newest) throws BadBackup {
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
