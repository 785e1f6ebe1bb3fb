package zephyrdune.shoot.log;

import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.units.measure.Unit;

/** The readings that tell most of how a picture looks, and how much of each is a difference that is seen at once (common practice, no published source). */
public enum LightFact {
    EXPOSURE(ReadingKind.OFF_EXPOSURE, 0.5),
    SHADOW_EDGE(ReadingKind.EDGE_SHOWN, 0.010),
    SIZE(ReadingKind.SIZE_ACROSS, 0.2),
    SHADE(ReadingKind.SHADOW_DEPTH, 0.5),
    LIT_TO_SHADOW(ReadingKind.LIT_TO_SHADOW, 0.5),
    FALL_OFF(ReadingKind.FALL_OFF_HERO, 0.5),
    BACKDROP(ReadingKind.BACKDROP_TONE, 0.5),
    TINT(ReadingKind.SHADOW_TINT, 15);

    private final ReadingKind kind;
    private final double seen;

    LightFact(ReadingKind kind, double seen) {
        this.kind = kind;
        this.seen = seen;
    }

    public ReadingKind kind() {
        return kind;
    }

    public String title() {
        return kind.title();
    }

    public Unit unit() {
        return kind.unit();
    }

    /** A difference that is seen at once, in its unit. */
    public double seen() {
        return seen;
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
