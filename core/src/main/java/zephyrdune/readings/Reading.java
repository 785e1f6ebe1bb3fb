package zephyrdune.readings;

import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * One number read off a set.
 *
 * @param value in the unit of its kind; absent when there is nothing to read
 * @param note why it is absent, or what to know about it; may be empty
 * @param places where on the set it was probed, metres
 */
public record Reading(ReadingKind kind, OptionalDouble value, String note, List<Vector3D> places) {

    public Reading {
        places = List.copyOf(places);
    }

    static Reading of(ReadingKind kind, double value, String note, Vector3D... places) {
        return new Reading(kind, OptionalDouble.of(value), note, List.of(places));
    }

    static Reading absent(ReadingKind kind, String why) {
        return new Reading(kind, OptionalDouble.empty(), why, List.of());
    }
}
