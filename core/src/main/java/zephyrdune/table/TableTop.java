package zephyrdune.table;

import java.util.Objects;

/** The table top: the level plane through the hero point. It reaches beyond the frame and up to the backdrop. */
public record TableTop(Surface surface) {

    public TableTop {
        Objects.requireNonNull(surface);
    }
}
