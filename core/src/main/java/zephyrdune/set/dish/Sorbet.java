package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Scoops of ice cream or sorbet in a bowl: as many side by side as it holds, and one on top of them.
 *
 * @param scoopDiameter of one scoop
 */
public record Sorbet(
        @Within(min = 0.06, max = 0.3, unit = Unit.METRE) double diameter,
        @Within(min = 0.015, max = 0.15, unit = Unit.METRE) double rimHeight,
        Surface surface,
        @Within(min = 0.03, max = 0.09, unit = Unit.METRE) double scoopDiameter,
        Surface sorbet)
        implements Dish {

    private static final Limits LIMITS = Limits.of(Sorbet.class);

    /** Level on which the scoops stand, as a share of the bowl's height. */
    public static final double FLOOR = 0.3;

    /** How far a scoop stands out of what it stands on, in diameters. */
    private static final double OUT = 0.85;

    /** From one layer of scoops to the next, in diameters. */
    private static final double LAYER = 0.65;

    /** Of the bowl's diameter, what scoops find room in at their level. */
    private static final double WITHIN = 0.8;

    /** Across the top scoop where it throws its shadow, in its diameters. */
    private static final double CROWN = 0.7;

    private static final int MOST = 5;

    public Sorbet {
        LIMITS.require(diameter, rimHeight, scoopDiameter);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(sorbet);
    }

    /** Scoops side by side: one, or two to five round the axis with one on top. */
    public int below() {
        double ring = ring();
        if (ring < scoopDiameter / 2) {
            return 1;
        }
        return (int) Math.min(MOST, Math.floor(Math.PI / Math.asin(scoopDiameter / 2 / ring)));
    }

    /** From the axis to the middles of those round it, metres. */
    public double ring() {
        return (WITHIN * diameter - scoopDiameter) / 2;
    }

    /** Height of the middles of the scoops below, metres. */
    public double middle() {
        return FLOOR * rimHeight + (OUT - 0.5) * scoopDiameter;
    }

    /** Height of the highest scoop's middle, metres. */
    public double highest() {
        return below() == 1 ? middle() : middle() + LAYER * scoopDiameter;
    }

    @Override
    public double top() {
        return highest() + scoopDiameter / 2;
    }

    @Override
    public List<Rim> rims() {
        // where a ball is so wide it is as much lower than its top
        double lower = scoopDiameter / 2 * (1 - Math.sqrt(1 - CROWN * CROWN));
        return List.of(
                Rim.circle(diameter, rimHeight),
                Rim.circle(CROWN * scoopDiameter, top() - lower),
                Rim.circle(0.05 * scoopDiameter, top()));
    }
}
