package zephyrdune.set.dish;

/** Water from the air on the outside of what is cold, as far up as the contents come. */
public enum Condensation {
    NONE,
    DROPS
}
