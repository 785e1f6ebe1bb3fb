package zephyrdune.move;

import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.readings.ReadingKind;
import zephyrdune.readings.Readings;
import zephyrdune.table.Face;
import zephyrdune.table.TableSet;

/**
 * Where another face would throw the same soft edges as the present one; solved on the exact edges.
 *
 * @param atTip distance for an equal edge at the tip of the shadow, metres; absent when no distance gives it
 * @param atSide distance for an equal edge at its side, metres; absent when no distance gives it
 */
public record SameSoftness(OptionalDouble atTip, OptionalDouble atSide) {

    public static SameSoftness of(TableSet set, Face other) {
        TableSet swapped = set.withLight(set.light().withFace(other));
        return new SameSoftness(
                distance(set, swapped, ReadingKind.TIP_EDGE), distance(set, swapped, ReadingKind.SIDE_EDGE));
    }

    private static OptionalDouble distance(TableSet set, TableSet swapped, ReadingKind edge) {
        OptionalDouble now = Readings.of(set, edge).value();
        Optional<Move> move =
                now.isEmpty() ? Optional.empty() : Move.find(swapped, edge, now.getAsDouble(), Lever.LIGHT_DISTANCE);
        return move.map(found -> OptionalDouble.of(found.to())).orElse(OptionalDouble.empty());
    }
}
