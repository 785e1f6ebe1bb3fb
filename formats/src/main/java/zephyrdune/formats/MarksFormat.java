package zephyrdune.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.answers.photograph.PhotographMarks;

/** What somebody marked on a photograph, as a JSON object described by {@link SetSchema}. */
public final class MarksFormat {

    /** What the "format" field of all marks says. */
    public static final String FORMAT = "zephyrdune-marks";

    public static final int VERSION = 1;

    private MarksFormat() {}

    /**
     * Reads marks from a JSON tree.
     *
     * @throws BadFile naming every field that is wrong, its value and its limit
     */
    public static PhotographMarks read(JsonNode tree) throws BadFile {
        SetReader.requireVersion(tree, FORMAT, VERSION, "a photograph's marks");
        return SetReader.read(tree, PhotographMarks.class, VERSION);
    }

    /** Marks that were kept, as their tree. */
    public static ObjectNode kept(String document) {
        return SetFormat.keptTree(document);
    }

    /** The marks as a JSON tree. */
    public static ObjectNode tree(PhotographMarks marks) {
        return SetFormat.tree(marks, FORMAT, VERSION);
    }
}
