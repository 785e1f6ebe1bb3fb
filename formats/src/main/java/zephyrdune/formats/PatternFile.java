package zephyrdune.formats;

import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.TopologyException;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.units.measure.Refused;

/**
 * A person's own pattern from a drawing: an SVG's outlines, or a PNG's light or dark parts. Files are not trusted: nothing in them is run
 * or fetched, and their size is bounded before they are read.
 */
public final class PatternFile {

    /** Longest file that is read, bytes. */
    public static final int LONGEST_FILE = PatternLimits.LONGEST_FILE;

    private PatternFile() {}

    /** Which parts of a picture are cut out. */
    public enum Open {
        LIGHT,
        DARK
    }

    /**
     * @param file as it was uploaded
     * @param name what to call the pattern
     * @param width that it shall have, metres; a drawing that states its own size in millimetres or the like keeps that
     * @param open of a picture; of a drawing the inside of outlines is open
     * @throws BadFile saying what is wrong and what would do
     */
    public static OwnHoles read(byte[] file, String name, double width, Open open) throws BadFile {
        try {
            return parse(file, name, width, open);
        } catch (TopologyException e) {
            throw new BadFile(
                    "file", "", "Lines of the drawing lie on each other, nearly; draw outlines that do not touch");
        }
    }

    private static OwnHoles parse(byte[] file, String name, double width, Open open) throws BadFile {
        if (file.length == 0) {
            throw new BadFile("file", "", "The file is empty");
        }
        if (file.length > LONGEST_FILE) {
            throw new BadFile(
                    "file",
                    "",
                    "The file is longer than %,d bytes; save the drawing with fewer points, or the picture smaller"
                            .formatted(LONGEST_FILE));
        }
        if (PatternPng.is(file)) {
            return holes(name, width, PatternPng.read(file, open));
        }
        if (PatternSvg.maybe(file)) {
            PatternSvg.Drawing drawing = PatternSvg.read(file);
            return holes(name, drawing.width() > 0 ? drawing.width() : width, drawing.open());
        }
        throw new BadFile("file", "", "This is neither an SVG drawing nor a PNG picture; save it as one of them");
    }

    private static OwnHoles holes(String name, double width, Geometry open) throws BadFile {
        String clean = OwnHoles.NAME.clean(name);
        try {
            return new OwnHoles(clean.isEmpty() ? "Own pattern" : clean, width, PatternOutlines.of(open));
        } catch (Refused refused) {
            throw new BadFile(refused.field(), "", refused.getMessage());
        }
    }
}
