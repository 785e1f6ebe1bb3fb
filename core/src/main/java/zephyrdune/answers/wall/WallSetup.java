package zephyrdune.answers.wall;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.OwnedSource;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A light that stands square before a plain wall in an otherwise dark room, and a camera that looks at the beam's middle from beside it.
 *
 * @param distance from the shaper's front to the wall
 * @param framedWidth of the wall that the frame shows from side to side, on the level of the beam's middle
 * @param exposure that the camera is set to, where its files do not tell
 */
public record WallSetup(
        Source source,

        @Within(min = 0.3, max = 5, unit = Unit.METRE) double distance,
        @Within(min = 0.3, max = 8, unit = Unit.METRE) double framedWidth,
        Exposure exposure) {

    private static final Limits LIMITS = Limits.of(WallSetup.class);

    /** A plain white wall: common practice, no published source. The level of the wall is not counted in anything that is learnt. */
    private static final double WALL = 0.8;

    /** Where the beam's middle is wanted: two stops under what a file can say, as the kit may give more than stated. */
    private static final double WANTED = 0.25;

    private static final double SOURCE_WIDTH = 0.06;
    private static final double SIX_O_CLOCK = Math.PI;

    public WallSetup {
        Objects.requireNonNull(source);
        LIMITS.require(distance, framedWidth);
        Objects.requireNonNull(exposure);
    }

    public static WallSetup of(OwnedSource source, double distance, double framedWidth, Exposure exposure) {
        return new WallSetup(source.source(), distance, framedWidth, exposure);
    }

    /**
     * The source with a shaper on it, square before the wall.
     *
     * @throws Refused where the source does not take it, or where it is a room's wall
     */
    public Light light(Shaper shaper) {
        if (shaper.filling() instanceof OffRoom) {
            throw new Refused("shaper", "A wall of the room is no shaper that could be put before another wall");
        }
        return shaper.on(new Light(
                source,
                Gel.NONE,
                List.of(),
                new Disc(SOURCE_WIDTH),
                new EvenlyLit(),
                new Bare(),
                PowerChoice.FOLLOWS,
                0,
                SIX_O_CLOCK,
                0,
                distance,
                Aim.HERO,
                new NoDoors()));
    }

    /** The mark to set so that the beam's middle lies well within what a file can say. */
    public DialMark mark(Shaper shaper) {
        double below = Stops.between(value(shaper, 0, 0), WANTED);
        return light(shaper).source().dial().nearest(below);
    }

    /**
     * Linear value of the wall in a frame, 1 for the brightest that sRGB can say, at full power.
     *
     * @param across metres to the right of the beam's middle
     * @param up metres above it
     */
    public double value(Shaper shaper, double across, double up) {
        double time = source.flash() ? 1 : exposure.exactShutter();
        return WALL * WallBeam.of(light(shaper)).at(across, up) * time / exposure.correct();
    }
}
