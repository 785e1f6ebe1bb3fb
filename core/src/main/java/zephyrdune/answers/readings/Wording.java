package zephyrdune.answers.readings;

import java.util.List;

/**
 * The words that photographers have for a reading, each from a limit on. All limits stand here; they are common practice, no published
 * source.
 */
public enum Wording {

    /** By the whole soft edge over the height that throws it. */
    EDGE(
            new Band("razor sharp", 0),
            new Band("hard", 0.05),
            new Band("crisp", 0.35),
            new Band("soft", 0.6),
            new Band("very soft", 1.2),
            new Band("shadowless", 3)),

    /** By stops from light to shadow. */
    CONTRAST(
            new Band("flat", Double.NEGATIVE_INFINITY),
            new Band("gentle", 0.6),
            new Band("full", 1.5),
            new Band("dramatic", 3),
            new Band("black", 5)),

    /** By stops that the shadow is darker. */
    SHADOW(
            new Band("faint", Double.NEGATIVE_INFINITY),
            new Band("open", 0.6),
            new Band("full", 1.5),
            new Band("deep", 3),
            new Band("black", 5)),

    /** By stops from one end to the other, whichever is brighter. */
    FALL_OFF(new Band("even", 0), new Band("gentle", 0.35), new Band("steep", 1.05)),

    /** By stops from mid grey; white without a trace of grey is a pixel value of 1, log2(1 / 0.18) above it. */
    BACKDROP(
            new Band("black", Double.NEGATIVE_INFINITY),
            new Band("dark grey", -3),
            new Band("mid grey", -1),
            new Band("light grey", 0.625),
            new Band("white", 1.775),
            new Band("blown out", Math.log(1 / 0.18) / Math.log(2))),

    /** By the roughness of the surface that mirrors the light. */
    HIGHLIGHT(new Band("hard-edged", 0), new Band("soft-edged", 0.12), new Band("a sheen", 0.3)),

    /** By bright over dark of a pattern, from 0 to 1. */
    PATTERN(new Band("gone", 0), new Band("a hint", 0.05), new Band("dappled", 0.25), new Band("sharp", 0.75));

    /**
     * One word.
     *
     * @param word as it is said
     * @param from the least value that it is said of
     */
    public record Band(String word, double from) {}

    private final List<Band> bands;

    Wording(Band... bands) {
        this.bands = List.of(bands);
    }

    /** From the least value on. */
    public List<Band> bands() {
        return bands;
    }

    /** The word for a value. */
    public String of(double value) {
        String word = bands.get(0).word;
        for (Band band : bands) {
            word = value >= band.from ? band.word : word;
        }
        return word;
    }
}
