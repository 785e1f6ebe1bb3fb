package zephyrdune.units.sampling;

/** How long sampled light is looked at. */
public enum Sureness {
    /** To choose among many, of which the likeliest are looked at again. */
    ROUGH(5),

    /** While a set is being moved: no longer than it takes to tell how unsure the light is. */
    AT_ONCE(12),

    /** Until it is known well enough, or that takes too long. */
    AT_REST(12);

    private final int least;

    Sureness(int least) {
        this.least = least;
    }

    /** Rounds that are looked at in any case. */
    public int least() {
        return least;
    }
}
