package zephyrdune.shoot.log;

import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.units.measure.Unit;

/** The readings that tell most of how a picture looks, and how much of each is a difference that is seen at once (common practice, no published source). */
public enum LightFact {
    EXPOSURE(ReadingKind.OFF_EXPOSURE, "Off exposure", "", 0.5),
    SHADOW_EDGE(ReadingKind.EDGE_SHOWN, "Shadow edge", "edge", 0.5, true),
    SIZE(ReadingKind.SIZE_ACROSS, "Size to distance", "", 0.5, true),
    SHADE(ReadingKind.SHADOW_DEPTH, "Shadow depth", "shadow", 0.5),
    LIT_TO_SHADOW(ReadingKind.LIT_TO_SHADOW, "Contrast", "contrast", 0.5),
    FALL_OFF(ReadingKind.FALL_OFF_HERO, "Across the dish", "fall-off", 0.5),
    BACKDROP(ReadingKind.BACKDROP_TONE, "Background", "background", 0.5),
    TINT(ReadingKind.SHADOW_TINT, "Shade against light", "", 15);

    private final ReadingKind kind;
    private final String title;
    private final String noun;
    private final double seen;
    private final boolean ratio;

    LightFact(ReadingKind kind, String title, String noun, double seen) {
        this(kind, title, noun, seen, false);
    }

    /** @param ratio whether what is seen is how many times as large it is, in powers of two */
    LightFact(ReadingKind kind, String title, String noun, double seen, boolean ratio) {
        this.kind = kind;
        this.title = title;
        this.noun = noun;
        this.seen = seen;
        this.ratio = ratio;
    }

    public ReadingKind kind() {
        return kind;
    }

    public String title() {
        return title;
    }

    /** What it is found by: the word for its value, and what that is said of. */
    String words(String word) {
        return (word + " " + noun).strip();
    }

    public Unit unit() {
        return kind.unit();
    }

    /** How far two values are apart, in differences that are seen at once. */
    public double apart(double one, double other) {
        double between = ratio ? Math.log(one / other) / Math.log(2) : one - other;
        return Math.abs(between) / seen;
    }

    /** The least value that is not seen to differ from one. */
    public double least(double value) {
        return ratio ? value * Math.pow(2, -seen) : value - seen;
    }

    /** The greatest likewise. */
    public double most(double value) {
        return ratio ? value * Math.pow(2, seen) : value + seen;
    }

    static ReadingKind[] kinds() {
        LightFact[] facts = values();
        ReadingKind[] kinds = new ReadingKind[facts.length];
        for (int i = 0; i < kinds.length; i++) {
            kinds[i] = facts[i].kind;
        }
        return kinds;
    }
}
