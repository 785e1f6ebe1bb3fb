package zephyrdune.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.set.kit.Kit;

/** The kit file: what somebody owns, in the shapes that sets are made of. One JSON object, described by {@link SetSchema}. */
public final class KitFormat {

    /** What the "format" field of every kit file says. */
    public static final String FORMAT = "zephyrdune-kit";

    public static final int VERSION = 4;

    /** Longest file read, in bytes: every kit is shorter. One of two hundred pieces is about eighty thousand. */
    public static final int LONGEST_FILE = 16_000_000;

    private KitFormat() {}

    /**
     * Reads a kit file.
     *
     * @throws BadFile naming every field that is wrong, its value and its limit
     */
    public static Kit read(byte[] file) throws BadFile {
        return read(SetFormat.parse(file, LONGEST_FILE, "a kit"));
    }

    /** A kit that was kept, as its tree. */
    public static ObjectNode kept(String document) {
        ObjectNode tree = SetFormat.keptTree(document);
        return (ObjectNode) newest(tree, tree.path(SetFormat.VERSION_FIELD).asInt(VERSION));
    }

    /** Reads a kit from a JSON tree. */
    public static Kit read(JsonNode tree) throws BadFile {
        int version = SetReader.requireVersion(tree, FORMAT, VERSION, "a kit");
        return SetReader.read(newest((ObjectNode) tree, version), Kit.class, VERSION);
    }

    /** Version 1 knew no gels; versions 2 and 3 knew fewer surfaces. */
    private static JsonNode newest(ObjectNode tree, int version) {
        if (version == VERSION) {
            return tree;
        }
        ObjectNode kit = tree.deepCopy();
        kit.put(SetFormat.VERSION_FIELD, VERSION);
        if (version == 1) {
            kit.putArray("gels");
        }
        return kit;
    }

    /** The kit as a JSON tree. */
    public static ObjectNode tree(Kit kit) {
        return SetFormat.tree(kit, FORMAT, VERSION);
    }

    /** The kit as a file, UTF-8. */
    public static byte[] write(Kit kit) {
        return SetFormat.bytes(tree(kit));
    }
}
