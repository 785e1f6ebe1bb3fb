package zephyrdune.set.dish;

/** What has become of a tin's lid. */
public enum TinLid {
    CLOSED,
    /** Rolled off and laid aside. */
    OFF
}
