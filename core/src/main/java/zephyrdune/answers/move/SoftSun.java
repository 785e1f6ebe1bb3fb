package zephyrdune.answers.move;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Cutters;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Panel;
import zephyrdune.set.light.BroadBase;
import zephyrdune.units.measure.Refused;

/** A place for the base of soft sun where it stands neither in something else nor in the key's way. */
public final class SoftSun {

    /** What it may keep off the hero: a twentieth, which nobody sees. */
    private static final double HARDLY = 0.05;

    private static final double HOUR = Math.PI / 6;
    private static final double DEGREE = Math.PI / 180;

    /** Tried in this order, the usual one first: the less it differs from that the better. */
    private static final double[] SIZES = {1, 0.75, 0.5};

    private static final double[] HOURS = {0, 0.75, -0.75, 1.5, -1.5, 2.5, -2.5};
    private static final double[] HEIGHTS = {0, 15, -15, 30};
    private static final double[] DISTANCES = {1, 1.3, 0.75, 1.8};

    private SoftSun() {}

    /** @throws Refused where no place near the usual one is free */
    public static TableSet on(TableSet set) {
        BroadBase usual = BroadBase.softSun(set.light());
        for (double size : SIZES) {
            for (double hours : HOURS) {
                for (double height : HEIGHTS) {
                    for (double distance : DISTANCES) {
                        Optional<TableSet> found = tried(set, usual, size, hours * HOUR, height * DEGREE, distance);
                        if (found.isPresent()) {
                            return found.get();
                        }
                    }
                }
            }
        }
        throw new Refused(
                "base",
                "No place near the key is free for a broad base; bring the light nearer or lower, or put the backdrop farther away");
    }

    private static Optional<TableSet> tried(
            TableSet set, BroadBase usual, double size, double turn, double up, double farther) {
        double clock = (usual.clock() + turn + 2 * Math.PI) % (2 * Math.PI);
        try {
            BroadBase base = usual.with(other -> other.width(size * usual.width())
                    .height(size * usual.height())
                    .clock(clock)
                    .heightAngle(usual.heightAngle() + up)
                    .distance(farther * usual.distance()));
            return kept(set, base) <= HARDLY ? Optional.of(set.withBase(base)) : Optional.empty();
        } catch (Refused taken) {
            return Optional.empty();
        }
    }

    /** Share of the open key that a base keeps off the hero's top. */
    public static double kept(TableSet set, BroadBase base) {
        EmittingFace face = EmittingFace.of(base.as(set.light()));
        Panel panel = new Panel(
                face.centre(),
                face.acrossHalf().normalize(),
                face.upHalf().normalize(),
                face.acrossHalf().norm(),
                face.upHalf().norm(),
                List.of(),
                false);
        KeyLight past = KeyLight.past(set, Cutters.of(List.of(panel)));
        double open = past.openAt(past.hero(), Vector3D.Unit.PLUS_Z);
        return open == 0 ? 0 : 1 - past.at(past.hero(), Vector3D.Unit.PLUS_Z) / open;
    }
}
