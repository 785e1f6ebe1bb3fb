package zephyrdune.server.takes;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** The takes of a set in one JSON file, each with its set file and its picture. */
final class TakesFile {

    static final String FORMAT = "zephyrdune-takes";
    static final int VERSION = 1;

    private static final String FIELD = "file";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private TakesFile() {}

    /**
     * One take of a file.
     *
     * @param picture a JPEG; absent before there is one
     */
    record Entry(String name, String about, List<String> off, TableSet set, Optional<byte[]> picture, boolean fine) {}

    /** @param picture of the take in the same place of the list */
    static byte[] write(List<StoredTake> takes, List<Optional<byte[]>> pictures) {
        ObjectNode file = JSON.createObjectNode().put("format", FORMAT).put("version", VERSION);
        ArrayNode all = file.putArray("takes");
        for (int i = 0; i < takes.size(); i++) {
            StoredTake take = takes.get(i);
            ObjectNode node = all.addObject().put("name", take.name()).put("about", take.about());
            ArrayNode off = node.putArray("off");
            take.off().forEach(off::add);
            node.put("madeAt", take.madeAt().toString());
            node.put("fine", take.picture() == StoredTake.PictureState.FINE);
            node.put(
                    "picture",
                    pictures.get(i).map(Base64.getEncoder()::encodeToString).orElse(""));
            node.set("set", take.set());
        }
        return JSON.writeValueAsBytes(file);
    }

    /**
     * All takes of a file, or none.
     *
     * @throws Refused for what is no such file
     * @throws BadFile where a take's set is refused
     */
    static List<Entry> read(byte[] file) throws BadFile {
        try {
            JsonNode tree = JSON.readTree(file);
            if (!tree.path("format").asString("").equals(FORMAT)) {
                throw new Refused(FIELD, "This is no file of takes: save one from the takes of a set");
            }
            if (tree.path("version").asInt(0) != VERSION) {
                throw new Refused(FIELD, "It was made by a newer Zephyrdune; open it with that one");
            }
            List<Entry> entries = new ArrayList<>();
            for (JsonNode take : tree.path("takes")) {
                entries.add(entry(take));
            }
            return entries;
        } catch (JacksonException | IllegalArgumentException damaged) {
            throw damaged instanceof Refused refused
                    ? refused
                    : new Refused(FIELD, "This file is damaged: it cannot be read as JSON with pictures in Base64");
        }
    }

    private static Entry entry(JsonNode take) throws BadFile {
        List<String> off = new ArrayList<>();
        take.path("off").forEach(word -> off.add(word.asString()));
        byte[] picture = Base64.getDecoder().decode(take.path("picture").asString(""));
        return new Entry(
                take.path("name").asString(""),
                take.path("about").asString(""),
                off,
                SetFormat.read(take.path("set")),
                picture.length == 0 ? Optional.empty() : Optional.of(picture),
                take.path("fine").asBoolean(false));
    }
}
