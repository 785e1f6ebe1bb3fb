package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A piece of cutlery along y, handle towards the camera. */
public record Cutlery(
        CutleryPiece piece,
        @Within(min = 0.08, max = 0.35, unit = Unit.METRE) double length,
        Surface metal) implements Dish {

    private static final Limits LIMITS = Limits.of(Cutlery.class);

    public Cutlery {
        LIMITS.require(length);
        Objects.requireNonNull(piece);
        Objects.requireNonNull(metal);
    }

    /** Across the widest part, as a share of the length. */
    public static final double BREADTH = 0.21;

    /** Height of the highest part, as a share of the length. */
    public static final double RISE = 0.06;

    @Override
    public double top() {
        return RISE * length;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.rectangle(BREADTH * length, length, top()));
    }
}
