package zephyrdune.set.light;

/** The outline of the surface that the light comes from. */
public sealed interface Face permits Rectangle, Strip, Disc, Octagon {

    /** From side to side, metres. */
    double across();

    /** From bottom to top, metres. */
    double along();
}
