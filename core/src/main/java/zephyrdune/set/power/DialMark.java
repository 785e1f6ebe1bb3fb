package zephyrdune.set.power;

/**
 * A position that a dial has.
 *
 * @param text as it is read off the dial, such as "1/8 + 1/3", "6.7" or "43 %"
 * @param below full power, stops
 */
public record DialMark(String text, double below) {}
