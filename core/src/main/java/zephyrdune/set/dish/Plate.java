package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Rounding;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** A round plate with a round helping of food on it. */
public record Plate(
        @Within(min = 0.05, max = 0.6, unit = Unit.METRE) double diameter,
        @Within(min = 0.005, max = 0.08, unit = Unit.METRE) double rimHeight,
        Surface surface,
        @Within(min = 0.01, max = 0.55, unit = Unit.METRE) double foodDiameter,
        @Within(min = 0.002, max = 0.3, unit = Unit.METRE) double foodHeight,
        Surface food)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Plate.class);

    /** The flat part of the plate, as a share of its diameter. */
    static final double WELL = 0.7;

    /** Thickness of the plate where the food lies, metres. */
    public static final double WELL_HEIGHT = 0.004;

    public Plate {
        LIMITS.require(diameter, rimHeight, foodDiameter, foodHeight);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(food);
        if (Rounding.more(foodDiameter, WELL * diameter)) {
            throw new Refused(
                    "foodDiameter",
                    "The food is wider than the flat of the plate; make it at most %s, or the plate wider"
                            .formatted(Lengths.most(WELL * diameter)));
        }
    }

    /** Diameter of the flat part on which the food lies, metres. */
    public double wellDiameter() {
        return WELL * diameter;
    }

    @Override
    public double top() {
        return WELL_HEIGHT + foodHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, rimHeight), Rim.circle(foodDiameter, top()));
    }
}
