package zephyrdune.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.shoot.brief.Shoot;

/** The shoot file: one JSON object, described by {@link SetSchema}. */
public final class ShootFormat {

    /** What the "format" field of every shoot file says. */
    public static final String FORMAT = "zephyrdune-shoot";

    public static final int VERSION = 2;

    /** Longest file read, in bytes: every shoot is shorter. One dish is about a thousand. */
    public static final int LONGEST_FILE = 2_000_000;

    private ShootFormat() {}

    /**
     * Reads a shoot file.
     *
     * @throws BadFile naming every field that is wrong, its value and its limit
     */
    public static Shoot read(byte[] file) throws BadFile {
        return read(SetFormat.parse(file, LONGEST_FILE, "a shoot"));
    }

    /** Reads a shoot from a JSON tree. */
    public static Shoot read(JsonNode tree) throws BadFile {
        int version = SetReader.requireVersion(tree, FORMAT, VERSION, "a shoot");
        return SetReader.read(newest((ObjectNode) tree, version), Shoot.class, VERSION);
    }

    /** A shoot that was kept, as its tree. */
    public static ObjectNode kept(String document) {
        ObjectNode tree = SetFormat.keptTree(document);
        return newest(tree, tree.path(SetFormat.VERSION_FIELD).asInt(VERSION));
    }

    /** Version 1 knew no daylight. */
    private static ObjectNode newest(ObjectNode tree, int version) {
        if (version == VERSION) {
            return tree;
        }
        ObjectNode shoot = tree.deepCopy();
        shoot.put(SetFormat.VERSION_FIELD, VERSION);
        shoot.putObject("daylight").put("kind", "no-daylight");
        return shoot;
    }

    /** The shoot as a JSON tree. */
    public static ObjectNode tree(Shoot shoot) {
        return SetFormat.tree(shoot, FORMAT, VERSION);
    }

    /** The shoot as a file, UTF-8. */
    public static byte[] write(Shoot shoot) {
        return SetFormat.bytes(tree(shoot));
    }
}
