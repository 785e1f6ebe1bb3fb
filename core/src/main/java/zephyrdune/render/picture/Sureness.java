package zephyrdune.render.picture;

/** How long sampled light is looked at. */
public enum Sureness {
    /** While a set is being moved: no longer than it takes to tell how unsure the light is. */
    AT_ONCE,

    /** Until it is known well enough, or that takes too long. */
    AT_REST
}
