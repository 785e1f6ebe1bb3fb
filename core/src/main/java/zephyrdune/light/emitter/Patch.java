package zephyrdune.light.emitter;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Finish;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/**
 * What a source that is turned to one side of a room lights of another side: the other leaf of a corner.
 *
 * @param surface of that side
 */
public record Patch(EmittingFace face, Surface surface) {

    /** Less than this share of the source's light makes no leaf. */
    private static final double FAINT = 0.01;

    /** The other leaves; none for a light that does not bounce off a room. */
    public static List<Patch> of(Light light, Room room) {
        List<Patch> patches = new ArrayList<>();
        if (!(light.filling() instanceof OffRoom bounce) || !(room instanceof WalledRoom walled)) {
            return patches;
        }
        for (RoomSide side : RoomSide.values()) {
            Surface surface = walled.surface(side);
            double gap = light.centre().dot(side.inwards()) + walled.away(side);
            if (side == bounce.side() || surface.finish().sheen() == Finish.Sheen.METAL || gap <= 0) {
                continue;
            }
            Pose whole = Pose.ofSide(walled, side, light.centre(), bounce.axis());
            Vector3D upright = bounce.side().up();
            PointLit onAll = PointLit.of(light.source().distribution(), whole, upright, gap);
            double[] bounds = onAll.lit(Outline.RECTANGLE);
            if (bounds[1] <= bounds[0] || bounds[3] <= bounds[2]) {
                continue;
            }
            Pose pose = whole.within(bounds);
            double exitance = light.source().axialIntensity() / (gap * gap) * surface.luminous();
            EmittingFace face = new EmittingFace(
                    Outline.RECTANGLE,
                    pose.centre(),
                    pose.acrossHalf(),
                    pose.upHalf(),
                    exitance * Stops.ratio(-light.loss()) / Math.PI,
                    PointLit.of(light.source().distribution(), pose, upright, gap),
                    CosinePower.LAMBERTIAN);
            if (face.flux() > FAINT * light.source().flux()) {
                patches.add(new Patch(face, surface));
            }
        }
        return patches;
    }
}
