package zephyrdune.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.set.look.Lookbook;

/** The lookbook file: one look or several, as sets have them. One JSON object, described by {@link SetSchema}. */
public final class LookbookFormat {

    /** What the "format" field of every lookbook file says. */
    public static final String FORMAT = "zephyrdune-lookbook";

    public static final int VERSION = 1;

    /** Longest file read, in bytes: every lookbook is shorter. One look is about a thousand. */
    public static final int LONGEST_FILE = 1_000_000;

    private LookbookFormat() {}

    /**
     * Reads a lookbook file.
     *
     * @throws BadFile naming every field that is wrong, its value and its limit
     */
    public static Lookbook read(byte[] file) throws BadFile {
        return read(SetFormat.parse(file, LONGEST_FILE, "a lookbook"));
    }

    /** Reads a lookbook from a JSON tree. */
    public static Lookbook read(JsonNode tree) throws BadFile {
        SetReader.requireVersion(tree, FORMAT, VERSION, "a lookbook");
        return SetReader.read(tree, Lookbook.class, VERSION);
    }

    /** A lookbook that was kept, as its tree. */
    public static ObjectNode kept(String document) {
        return SetFormat.keptTree(document);
    }

    /** The lookbook as a JSON tree. */
    public static ObjectNode tree(Lookbook book) {
        return SetFormat.tree(book, FORMAT, VERSION);
    }

    /** The lookbook as a file, UTF-8. */
    public static byte[] write(Lookbook book) {
        return SetFormat.bytes(tree(book));
    }
}
