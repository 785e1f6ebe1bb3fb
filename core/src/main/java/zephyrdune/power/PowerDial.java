package zephyrdune.power;

/** A light's own power control. Powers are counted in stops below full: 0 is full, 3 an eighth of the light. */
public sealed interface PowerDial permits Fractions, StopScale, Percent {

    /** How far below full the dial goes, stops. */
    double range();

    /** The mark at, or next to, so many stops below full that are within {@link #range()}. */
    DialMark mark(double stopsBelowFull);

    /** The mark nearest to so many stops below full; beyond either end, the mark at that end. */
    default DialMark nearest(double stopsBelowFull) {
        return mark(Math.max(0, Math.min(range(), stopsBelowFull)));
    }
}
