package zephyrdune.set.light;

/** Where a number about a piece of kit comes from. */
public enum Origin {
    /** Shipped with the program: common practice, no published source. */
    DEFAULT,
    /** Typed in by somebody. */
    ENTERED,
    /** Found from test frames. */
    CALIBRATED
}
