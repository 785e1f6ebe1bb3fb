package zephyrdune.formats;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.set.TableSet;

/**
 * The set file: one JSON object, every number's unit in its name, described by {@link SetSchema}.
 *
 * <p>A file that reads without an error writes back as the same set.
 */
public final class SetFormat {

    /** What the "format" field of every set file says. */
    public static final String FORMAT = "zephyrdune-set";

    /** The version written, and the newest one read; older ones are read by way of {@link SetUpgrade}. */
    public static final int VERSION = 12;

    /**
     * Longest file read, in bytes: every set that can be built is shorter, however it is written. What a set may hold is limited by its
     * parts ({@link zephyrdune.units.measure.Count}), not by this. A usual set is about two thousand.
     */
    public static final int LONGEST_FILE = 4_000_000;

    /** Most names, values and brackets of a document; a kit full of measured lamps has the most. */
    private static final int MOST_TOKENS = 500_000;

    /** The database writes numbers without exponents. */
    private static final int LONGEST_KEPT_NUMBER = 2_000;

    static final String FORMAT_FIELD = "format";
    static final String VERSION_FIELD = "version";
    static final String KIND_FIELD = "kind";
    static final Set<String> HEADER = Set.of(FORMAT_FIELD, VERSION_FIELD);

    private static final JsonMapper STRICT = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(constraints())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    // read, so that they can be refused by the name of their field
                    .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    /** What this application itself wrote once is read whatever its length. */
    private static final JsonMapper KEPT = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNumberLength(LONGEST_KEPT_NUMBER)
                            .build())
                    .build())
            .build();

    private SetFormat() {}

    /** Bounds on what a parser takes in: enough for any set, and for nothing that would tire the machine. */
    public static StreamReadConstraints constraints() {
        return StreamReadConstraints.builder()
                .maxDocumentLength(KitFormat.LONGEST_FILE)
                .maxTokenCount(MOST_TOKENS)
                .maxNestingDepth(32)
                .maxStringLength(4096)
                .maxNameLength(256)
                .maxNumberLength(64)
                .build();
    }

    /**
     * Reads a set file.
     *
     * @throws BadFile naming every field that is wrong, its value and its limit
     */
    public static TableSet read(byte[] file) throws BadFile {
        return read(parse(file, LONGEST_FILE, "a set"));
    }

    /**
     * @param what the file is to be
     * @throws BadFile for what is longer, or not JSON
     */
    static JsonNode parse(byte[] file, int longest, String what) throws BadFile {
        if (file.length > longest) {
            throw new BadFile(
                    "", "", "This file is too long to be %s: %<s file has at most %,d bytes".formatted(what, longest));
        }
        try {
            return STRICT.readTree(file);
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? ""
                    : " (line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr() + ")";
            throw new BadFile("", "", "This is not readable as JSON" + place);
        }
    }

    /**
     * A set that was kept as its tree, in the newest version. What could stand when it was kept may no longer: then reading it as a set
     * says why.
     */
    public static ObjectNode kept(String document) {
        ObjectNode tree = keptTree(document);
        int version = tree.path(VERSION_FIELD).asInt(VERSION);
        return (ObjectNode) SetUpgrade.toNewest(tree, version);
    }

    static ObjectNode keptTree(String document) {
        return (ObjectNode) KEPT.readTree(document);
    }

    /** Reads a set from a JSON tree. */
    public static TableSet read(JsonNode tree) throws BadFile {
        return SetReader.read(tree);
    }

    /** The set as a JSON tree. */
    public static ObjectNode tree(TableSet set) {
        return tree(set, FORMAT, VERSION);
    }

    static ObjectNode tree(Record document, String format, int version) {
        ObjectNode tree = STRICT.createObjectNode();
        tree.put(FORMAT_FIELD, format);
        tree.put(VERSION_FIELD, version);
        fill(tree, document);
        return tree;
    }

    static byte[] bytes(ObjectNode tree) {
        return (STRICT.writeValueAsString(tree) + "\n").getBytes(StandardCharsets.UTF_8);
    }

    /** The set as a file, UTF-8. */
    public static byte[] write(TableSet set) {
        return bytes(tree(set));
    }

    /** One of the kinds of a part of a set, as it stands in a set's tree. */
    public static ObjectNode part(Record part) {
        ObjectNode tree = STRICT.createObjectNode();
        fill(tree, part, true);
        return tree;
    }

    private static void fill(ObjectNode node, Record owner) {
        for (Field field : Field.of(owner.getClass())) {
            Object value = field.valueIn(owner);
            if (field.partType().isPresent()) {
                ArrayNode parts = node.putArray(field.name());
                boolean kinds = Field.saysKind(field.partType().get());
                ((List<?>) value).forEach(part -> fill(parts.addObject(), (Record) part, kinds));
            } else if (value instanceof List<?> list) {
                FileUnit unit = FileUnit.of(field.limit().orElseThrow().unit());
                ArrayNode numbers = node.putArray(field.name());
                list.forEach(number -> numbers.add(unit.toFile((Double) number)));
            } else if (value instanceof Double number) {
                FileUnit unit = FileUnit.of(field.limit().orElseThrow().unit());
                node.put(field.name(), unit.toFile(number));
            } else if (value instanceof String text) {
                node.put(field.name(), text);
            } else if (value instanceof Enum<?> constant) {
                node.put(field.name(), Field.word(constant));
            } else {
                fill(node.putObject(field.name()), (Record) value, field.type().isSealed());
            }
        }
    }

    /** One of several kinds says first which it is. */
    private static void fill(ObjectNode node, Record owner, boolean kinds) {
        if (kinds) {
            node.put(KIND_FIELD, Field.word(owner.getClass()));
        }
        fill(node, owner);
    }
}
