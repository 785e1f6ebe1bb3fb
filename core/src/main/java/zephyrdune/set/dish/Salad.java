package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A bowl heaped with leaves.
 *
 * @param heapHeight of the leaves over the rim
 */
public record Salad(
        @Within(min = 0.08, max = 0.6, unit = Unit.METRE) double diameter,
        @Within(min = 0.02, max = 0.3, unit = Unit.METRE) double rimHeight,
        Surface surface,
        @Within(min = 0.01, max = 0.15, unit = Unit.METRE) double heapHeight,
        Surface leaf)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Salad.class);

    /** Across the heap, in diameters of the bowl. */
    public static final double HEAP = 0.88;

    public Salad {
        LIMITS.require(diameter, rimHeight, heapHeight);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(leaf);
    }

    @Override
    public double top() {
        return rimHeight + heapHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, rimHeight), Rim.circle(Heap.CROWN * HEAP * diameter, top()));
    }
}
