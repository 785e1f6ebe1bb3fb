package zephyrdune.set.dish;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A tube of cream that stands on its cap, pressed flat at the top from side to side.
 *
 * @param diameter where it is round, over the cap
 * @param labelHeight of a printed field in the middle of its front, as a share, 0 for none
 */
public record SqueezeTube(
        @Within(min = 0.015, max = 0.08, unit = Unit.METRE) double diameter,
        @Within(min = 0.05, max = 0.25, unit = Unit.METRE) double tubeHeight,
        Surface surface,
        Surface cap,
        @Within(min = 0, max = 0.6, unit = Unit.RATIO) double labelHeight,
        Surface label)
        implements Dish {

    private static final Limits LIMITS = Limits.of(SqueezeTube.class);

    /** Height of the cap, as a share. */
    public static final double CAP = 0.18;

    /** Across the cap, in diameters. */
    public static final double CAP_ACROSS = 0.9;

    /** Across the flat end, in diameters: half the way round a circle. */
    public static final double END = Math.PI / 2;

    /** Thickness of the flat end, metres. */
    public static final double SEAM = 0.0015;

    public SqueezeTube {
        LIMITS.require(diameter, tubeHeight, labelHeight);
        Objects.requireNonNull(surface);
        Objects.requireNonNull(cap);
        Objects.requireNonNull(label);
    }

    @Override
    public double top() {
        return tubeHeight;
    }

    @Override
    public List<Rim> rims() {
        return List.of(Rim.circle(diameter, CAP * tubeHeight), Rim.rectangle(END * diameter, SEAM, tubeHeight));
    }
}
