package zephyrdune.formats;

/** How much a pattern may be that comes in as a file. */
final class PatternLimits {

    /** Longest file that is read, bytes. */
    static final int LONGEST_FILE = 2_000_000;

    /** Of a picture. */
    static final int MOST_PIXELS = 4_000_000;

    /** Squares along a picture's outlines, and runs between them, of anything that could be cut out. */
    static final int MOST_AREAS = 25_000;

    /** Of a drawing; its outlines together, the corners of all of them, and how often their sides meet. */
    static final int MOST_SHAPES = 2_000;

    static final int MOST_RINGS = 1_000;
    static final int MOST_CORNERS = 12_000;
    static final int MOST_CROSSINGS = 20_000;

    /** Groups in groups of a drawing. */
    static final int DEEPEST = 64;

    /** Longest text of a number or a length in a drawing, and the largest coordinate. */
    static final int LONGEST_NUMBER = 40;

    static final double FARTHEST = 1e6;

    /** Openings of the pattern that comes of it. */
    static final int MOST_OUTLINES = 200;

    private PatternLimits() {}
}
