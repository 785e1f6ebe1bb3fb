package zephyrdune.set.room;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * An upright window that faces the hero, with even sky before it.
 *
 * @param clock where its middle is, seen from above: 12 o'clock is +y, 3 is +x
 * @param distance of its middle from the hero point, level
 * @param sill its lower edge over the table top; negative below it
 * @param share of the room's own light on the hero that comes through it
 */
public record SideWindow(
        @Within(min = 0, max = 2 * Math.PI, unit = Unit.CLOCK_RADIAN)
        double clock,

        @Within(min = 0.3, max = 15, unit = Unit.METRE) double distance,
        @Within(min = -1.5, max = 4, unit = Unit.METRE) double sill,
        @Within(min = 0.1, max = 6, unit = Unit.METRE) double width,
        @Within(min = 0.1, max = 5, unit = Unit.METRE) double height,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double share)
        implements Window {

    private static final Limits LIMITS = Limits.of(SideWindow.class);

    public SideWindow {
        LIMITS.require(clock, distance, sill, width, height, share);
    }

    /** Its middle, metres from the hero point. */
    public Vector3D centre() {
        return Vector3D.of(Math.sin(clock) * distance, Math.cos(clock) * distance, sill + height / 2);
    }

    /** To the left along it as seen from the hero, a unit vector. */
    public Vector3D across() {
        return Vector3D.of(-Math.cos(clock), Math.sin(clock), 0);
    }
}
