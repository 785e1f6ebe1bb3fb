package zephyrdune.answers.next;

import java.util.Objects;
import java.util.Set;
import zephyrdune.set.kit.Kit;

/**
 * What may be done to a set.
 *
 * @param kit what there is to put up
 * @param pinned what stays as it is
 */
public record Means(Kit kit, Set<Pin> pinned, Schools schools) {

    /** What somebody can hold as it is. */
    public enum Pin {
        LIGHT_PLACE,
        SHAPER,
        CARDS,
        CAMERA
    }

    public Means {
        Objects.requireNonNull(kit);
        pinned = Set.copyOf(pinned);
        Objects.requireNonNull(schools);
    }
}
