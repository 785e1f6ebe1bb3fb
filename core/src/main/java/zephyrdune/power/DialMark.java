package zephyrdune.power;

/**
 * A position that a dial has.
 *
 * @param text as it is read off the dial, such as "1/8 + 1/3", "6.7" or "43 %"
 * @param below full power, stops
 */
public record DialMark(String text, double below) {

    /** What the mark is off by, stops: positive where it gives more light than wanted. */
    public double remainder(double wantedBelow) {
        return wantedBelow - below;
    }
}
