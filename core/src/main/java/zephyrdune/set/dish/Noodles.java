package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A bowl of broth with a nest of noodles in it.
 *
 * @param thickness of a noodle
 * @param nestHeight of the noodles over the rim
 */
public record Noodles(
        @Within(min = 0.08, max = 0.4, unit = Unit.METRE) double diameter,
        @Within(min = 0.03, max = 0.2, unit = Unit.METRE) double rimHeight,
        Surface surface,
        Surface broth,

        @Within(min = 0.0015, max = 0.012, unit = Unit.METRE)
        double thickness,

        @Within(min = 0.005, max = 0.08, unit = Unit.METRE) double nestHeight,
        Surface noodle)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Noodles.class);

    /** Level of the broth as a share of the bowl's height. */
    public static final double FILL = 0.72;

    /** Across the top of the nest, in diameters of the bowl. */
    public static final double CROWN = 0.3;

    public Noodles {
        LIMITS.require(diameter, rimHeight, thickness, nestHeight);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(broth);
        Objects.requireNonNull(noodle);
    }

    @Override
    public double top() {
        return rimHeight + nestHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, rimHeight), Rim.circle(CROWN * diameter, top()));
    }
}
