package zephyrdune.answers.move;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;

/**
 * Where another light would throw the same soft edges as the present one, and what is different there; solved on the edges as they are
 * seen.
 *
 * @param atTip distance for an equal edge at the tip of the shadow, metres; absent when no distance gives it
 * @param atSide distance for an equal edge at its side, metres; absent when no distance gives it
 * @param set with the other light at the first of these that there is, or where the present one stands
 * @param changes from the present light to the other one there
 */
public record SameSoftness(OptionalDouble atTip, OptionalDouble atSide, TableSet set, List<Change> changes) {

    /** @param other with its source and what shapes it; it is put where the present one is */
    public static SameSoftness of(TableSet set, Light other) {
        TableSet swapped = set.withLight(other.withPlaceOf(set.light()));
        OptionalDouble atTip = distance(set, swapped, ReadingKind.TIP_EDGE_SEEN);
        OptionalDouble atSide = distance(set, swapped, ReadingKind.SIDE_EDGE_SEEN);
        TableSet there = atTip.isPresent() || atSide.isPresent()
                ? swapped.withLight(swapped.light().withDistance(atTip.orElseGet(atSide::getAsDouble)))
                : swapped;
        return new SameSoftness(
                atTip,
                atSide,
                there,
                Change.between(
                        set,
                        there,
                        ReadingKind.TIP_EDGE_SEEN,
                        ReadingKind.SIDE_EDGE_SEEN,
                        ReadingKind.SHADOW_DEPTH,
                        ReadingKind.FALL_OFF_HERO,
                        ReadingKind.BACKDROP_LEVEL,
                        ReadingKind.FACE_IN_USE,
                        ReadingKind.LOST,
                        ReadingKind.POWER));
    }

    private static OptionalDouble distance(TableSet set, TableSet swapped, ReadingKind edge) {
        OptionalDouble now = Readings.of(set, edge).value();
        Optional<Move> move =
                now.isEmpty() ? Optional.empty() : Move.find(swapped, edge, now.getAsDouble(), Lever.LIGHT_DISTANCE);
        return move.map(found -> OptionalDouble.of(found.to())).orElse(OptionalDouble.empty());
    }
}
