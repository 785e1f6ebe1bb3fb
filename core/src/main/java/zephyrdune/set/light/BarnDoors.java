package zephyrdune.set.light;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.card.Panel;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Four black flaps hinged at the sides of the face, each as wide as its side; of a round face, at the square round it. Angles count from
 * shut: at a right angle a flap points straight forward, at two it is out of the way.
 *
 * @param length of each flap from its hinge
 * @param left as the light sees the table
 * @param right likewise
 * @param top of the upper flap
 * @param bottom of the lower flap
 */
public record BarnDoors(
        @Within(min = 0.01, max = 1, unit = Unit.METRE) double length,

        @Within(min = BarnDoors.SHUT, max = Math.PI, unit = Unit.RADIAN)
        double left,

        @Within(min = BarnDoors.SHUT, max = Math.PI, unit = Unit.RADIAN)
        double right,

        @Within(min = BarnDoors.SHUT, max = Math.PI, unit = Unit.RADIAN)
        double top,

        @Within(min = BarnDoors.SHUT, max = Math.PI, unit = Unit.RADIAN)
        double bottom)
        implements Doors {

    /** Flaps stop short of lying on the face. */
    static final double SHUT = Math.PI / 12;

    private static final Limits LIMITS = Limits.of(BarnDoors.class);

    public BarnDoors {
        LIMITS.require(length, left, right, top, bottom);
    }

    @Override
    public List<Panel> panels(Pose pose) {
        Vector3D across = pose.acrossHalf();
        Vector3D up = pose.upHalf();
        return List.of(
                flap(pose, across.negate(), up, left),
                flap(pose, across, up, right),
                flap(pose, up, across, top),
                flap(pose, up.negate(), across, bottom));
    }

    /** @param out from the centre of the face to the hinge */
    private Panel flap(Pose pose, Vector3D out, Vector3D along, double angle) {
        Vector3D front = pose.upHalf().cross(pose.acrossHalf()).normalize();
        Vector3D way = out.normalize().multiply(-Math.cos(angle)).add(front.multiply(Math.sin(angle)));
        return Panel.whole(
                pose.centre().add(out).add(way.multiply(length / 2)), along.normalize(), way, along.norm(), length / 2);
    }
}
