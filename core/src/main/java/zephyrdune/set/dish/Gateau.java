package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A round layered cake, or a wheel of cheese, with a slice taken out in front so that its inside shows.
 *
 * @param layerHeight of one layer, about; as many as the height allows, at least one
 * @param slice angle that is taken out, 0 for none
 * @param icing outside: icing, crust or rind
 * @param inside of the layers
 * @param filling between two layers
 */
public record Gateau(
        @Within(min = 0.05, max = 0.4, unit = Unit.METRE) double diameter,
        @Within(min = 0.015, max = 0.25, unit = Unit.METRE) double cakeHeight,
        @Within(min = 0.008, max = 0.25, unit = Unit.METRE) double layerHeight,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double slice,

        Surface icing,
        Surface inside,
        Surface filling)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Gateau.class);

    public Gateau {
        LIMITS.require(diameter, cakeHeight, layerHeight, slice);
        Objects.requireNonNull(icing);
        Objects.requireNonNull(inside);
        Objects.requireNonNull(filling);
    }

    /** Layers one above the other. */
    public int layers() {
        return Math.max(1, (int) Math.round(cakeHeight / layerHeight));
    }

    @Override
    public double top() {
        return cakeHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, 0), Rim.circle(diameter, cakeHeight));
    }
}
