package zephyrdune.shoot.daylight;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.daylight.Sun;
import zephyrdune.light.daylight.UprightDaylight;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.set.room.SideWindow;
import zephyrdune.shoot.brief.MeasuredAt;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.WindowDaylight;

/**
 * The room's own light on the hero through a day, by its window: an estimate. The window counts as evenly bright as an upright surface outside it is
 * lit; what the walls throw back, and houses and trees before it, are in it only when it was measured once on the day.
 */
public final class RoomLight {

    /** Minutes between moments that are worked out; between them it goes evenly. */
    private static final int STEP = 5;

    private static final double MILLIS = 60_000;

    /** A reading that is so many times more or less than the window gives is of something else: lamps, or shutters. */
    private static final double MOST_OFF = 16;

    /** How much of a dish about its middle the sun is not to reach, metres. */
    private static final double ABOUT = 0.25;

    private final WindowDaylight daylight;
    private final double[] sky;
    private final Sun[] sun;
    private final boolean doubtful;

    /** What was measured over what was estimated for then. */
    private final double measured;

    private RoomLight(WindowDaylight daylight, double[] sky, Sun[] sun) {
        this.daylight = daylight;
        this.sky = sky;
        this.sun = sun;
        double ratio = daylight.measured() instanceof MeasuredAt known
                ? known.illuminance() / estimated(known.time() * 60)
                : 1;
        doubtful = ratio > MOST_OFF || ratio < 1 / MOST_OFF;
        measured = doubtful ? 1 : ratio;
    }

    /**
     * For one day.
     *
     * @param midnight at which its minutes begin to count, milliseconds since 1970 began, UTC
     */
    public static RoomLight of(WindowDaylight daylight, long midnight) {
        EmittingFace even = EmittingFace.of(daylight.side());
        double perLuminance = Illuminance.of(even, Illuminance.FINE).level(0, 0, 0);
        int count = (int) (Shoot.LATEST * 60 / STEP) + 1;
        double[] sky = new double[count];
        Sun[] sun = new Sun[count];
        for (int i = 0; i < count; i++) {
            sun[i] = Sun.at(daylight.latitude(), daylight.longitude(), midnight + Math.round(i * STEP * MILLIS));
            double outside = UprightDaylight.of(daylight.sky(), sun[i], daylight.bearing());
            sky[i] = daylight.passes() * outside / Math.PI * perLuminance;
        }
        return new RoomLight(daylight, sky, sun);
    }

    /** Illuminance of a level surface at the hero, lux, with the sun's beam where it falls on it. */
    public double at(double minute) {
        return withoutSun(minute) + beam(minute);
    }

    private double withoutSun(double minute) {
        return measured * estimated(minute);
    }

    /** Whether a reading was left out, as it cannot be of this window's light. */
    public boolean doubtful() {
        return doubtful;
    }

    /** By the window alone, whatever was measured, lux. */
    public double estimated(double minute) {
        double place = Math.max(0, Math.min(sky.length - 1, minute / STEP));
        int before = Math.min(sky.length - 2, (int) place);
        double share = place - before;
        return sky[before] * (1 - share) + sky[before + 1] * share;
    }

    /** Whether the sun shines through the window onto the dish or beside it; under a clear sky only. */
    public boolean sunny(double minute) {
        return beam(minute) > 0;
    }

    private double beam(double minute) {
        Sun now = sun[(int) Math.round(Math.max(0, Math.min(sun.length - 1, minute / STEP)))];
        double light = daylight.sky().beam(now) * Math.max(0, Math.sin(now.height()));
        return light > 0 && passes(now) ? daylight.passes() * light : 0;
    }

    /** Whether the beam from the dish's middle to the sun, or one close to it, goes through the window. */
    private boolean passes(Sun now) {
        SideWindow window = daylight.side();
        double aside = now.bearing() - daylight.bearing();
        Vector3D towards = Vector3D.of(
                Math.cos(now.height()) * Math.sin(aside),
                Math.cos(now.height()) * Math.cos(aside),
                Math.sin(now.height()));
        if (towards.getY() <= 0) {
            return false;
        }
        double along = window.distance() / towards.getY();
        double across = Math.abs(towards.getX() * along);
        double up = towards.getZ() * along;
        return across < window.width() / 2 + ABOUT
                && up > window.sill() - ABOUT
                && up < window.sill() + window.height() + ABOUT;
    }
}
