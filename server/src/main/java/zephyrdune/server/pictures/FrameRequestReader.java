package zephyrdune.server.pictures;

import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.units.measure.Refused;

/** Reads wishes, such as {"turn": 1, "set": {...}, "off": ["room"], "deep": false, "warnings": false, "rollOff": true}. */
final class FrameRequestReader {

    private static final int MOST_OFF = 32;

    private final JsonMapper json;

    FrameRequestReader(JsonMapper json) {
        this.json = json;
    }

    JsonNode tree(String text) {
        return json.readTree(text);
    }

    FrameRequest wish(JsonNode tree) throws BadFile {
        JsonNode turn = tree.path("turn");
        if (!turn.isIntegralNumber()) {
            throw new Refused("turn", "turn must be a whole number");
        }
        Set<String> off = new TreeSet<>();
        for (JsonNode word : tree.path("off")) {
            if (off.size() >= MOST_OFF || !word.isString()) {
                throw new Refused("off", "off must be a list of at most " + MOST_OFF + " names of layers");
            }
            off.add(word.asString());
        }
        return new FrameRequest(
                turn.asLong(),
                SetFormat.read(tree.path("set")),
                off,
                tree.path("deep").asBoolean(false),
                tree.path("warnings").asBoolean(false),
                tree.path("rollOff").asBoolean(true));
    }
}
