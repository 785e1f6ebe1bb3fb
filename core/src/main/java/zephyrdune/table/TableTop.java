package zephyrdune.table;

import java.util.Objects;

/** The table top: the level plane through the hero point. It reaches as far as the eye does. */
public record TableTop(Surface surface) {

    public TableTop {
        Objects.requireNonNull(surface);
    }
}
