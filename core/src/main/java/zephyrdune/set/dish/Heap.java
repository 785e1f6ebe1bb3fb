package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A heap of leaves. */
public record Heap(
        @Within(min = 0.04, max = 0.4, unit = Unit.METRE) double diameter,
        @Within(min = 0.02, max = 0.2, unit = Unit.METRE) double heapHeight,
        Surface leaf)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Heap.class);

    /** Height of the outermost leaves, as a share. */
    public static final double LOW = 0.35;

    /** Across the top, as a share of the diameter. */
    public static final double CROWN = 0.4;

    public Heap {
        LIMITS.require(diameter, heapHeight);
        Objects.requireNonNull(leaf);
    }

    @Override
    public double top() {
        return heapHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, LOW * heapHeight), Rim.circle(CROWN * diameter, heapHeight));
    }
}
