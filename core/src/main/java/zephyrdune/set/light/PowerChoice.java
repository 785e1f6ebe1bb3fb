package zephyrdune.set.light;

/** Who turns the light's power control. */
public enum PowerChoice {
    /** It is turned until the hero is exposed as wanted, as far as the control goes. */
    FOLLOWS,
    /** It stays where it was set. */
    FIXED
}
