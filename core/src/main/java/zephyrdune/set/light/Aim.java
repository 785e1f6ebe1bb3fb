package zephyrdune.set.light;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/** The point the light is aimed at, from the hero point. */
public record Aim(
        @Within(min = -1, max = 1, unit = Unit.METRE) double x,
        @Within(min = -1, max = 1, unit = Unit.METRE) double y,
        @Within(min = 0, max = 1, unit = Unit.METRE) double z) {

    private static final Limits LIMITS = Limits.of(Aim.class);

    /** Straight at the hero point. */
    public static final Aim HERO = new Aim(0, 0, 0);

    public Aim {
        LIMITS.require(x, y, z);
    }

    public Vector3D point() {
        return Vector3D.of(x, y, z);
    }
}
