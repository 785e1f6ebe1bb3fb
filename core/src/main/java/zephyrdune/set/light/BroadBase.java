package zephyrdune.set.light;

import io.soabase.recordbuilder.core.RecordBuilder;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A broad, even rectangular light of the key's colour that faces the hero point and softens what the key leaves dark.
 *
 * @param under stops by which it lies under the key on the hero's lit top
 * @param clock position seen from above: 12 o'clock is +y, 3 is +x
 * @param heightAngle of its centre above the table plane, seen from the hero point
 * @param distance from the hero point to its centre
 */
@RecordBuilder
public record BroadBase(
        @Within(min = -3, max = 10, unit = Unit.STOP) double under,
        @Within(min = 0.05, max = 3, unit = Unit.METRE) double width,
        @Within(min = 0.05, max = 3, unit = Unit.METRE) double height,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0, max = Math.PI / 2, unit = Unit.RADIAN)
        double heightAngle,

        @Within(min = 0.05, max = 10, unit = Unit.METRE) double distance)
        implements Base, BroadBaseBuilder.With {

    private static final double SOFT_SIDE = 1.2;
    private static final double SOFT_HEIGHT = Math.toRadians(35);
    private static final double BEHIND_KEY = 0.3;
    private static final double FARTHEST = 4;

    private static final Limits LIMITS = Limits.of(BroadBase.class);

    public BroadBase {
        LIMITS.require(under, width, height, clock, heightAngle, distance);
    }

    /**
     * The usual base of soft sun: broad, a stop under the key, from its side, and behind it so as not to stand in its way. Common practice,
     * no published source.
     */
    public static BroadBase softSun(Light key) {
        return new BroadBase(
                1,
                SOFT_SIDE,
                SOFT_SIDE,
                key.clock(),
                Math.max(SOFT_HEIGHT, key.heightAngle()),
                Math.min(FARTHEST, Math.max(SOFT_SIDE, key.distance() + BEHIND_KEY)));
    }

    /** Its face as that of a light aimed at the hero point. */
    public Light as(Light key) {
        return new Light(
                key.source(),
                key.gel(),
                key.losses(),
                new Rectangle(width, height),
                new EvenlyLit(),
                new Diffuse(),
                key.powerChoice(),
                key.power(),
                clock,
                heightAngle,
                distance,
                Aim.HERO,
                new NoDoors());
    }
}
