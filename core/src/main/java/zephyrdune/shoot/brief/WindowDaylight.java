package zephyrdune.shoot.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import zephyrdune.light.daylight.Sky;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.Window;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Through one window.
 *
 * @param latitude of the place, north of the equator
 * @param longitude of the place, east of Greenwich
 * @param bearing that the window faces, seen from inside, clockwise from north
 * @param passes share of the light that its glass lets in; clean double glazing about .7 (common practice, no published source)
 * @param window where it stands about the dish
 */
@RecordBuilder
public record WindowDaylight(
        @Within(min = -Math.PI / 2, max = Math.PI / 2, unit = Unit.RADIAN)
        double latitude,

        @Within(min = -Math.PI, max = Math.PI, unit = Unit.RADIAN)
        double longitude,

        @Within(min = 0, max = 2 * Math.PI, unit = Unit.RADIAN)
        double bearing,

        Sky sky,
        @Within(min = 0.01, max = 1, unit = Unit.RATIO) double passes,
        Window window,
        RoomMeasured measured)
        implements Daylight, WindowDaylightBuilder.With {

    private static final Limits LIMITS = Limits.of(WindowDaylight.class);

    public WindowDaylight {
        LIMITS.require(latitude, longitude, bearing, passes);
        Objects.requireNonNull(sky);
        if (!(window instanceof SideWindow)) {
            throw new Refused("window", "Daylight needs a window to come through; give one, or choose no daylight");
        }
        Objects.requireNonNull(measured);
    }

    /** The window, where it stands. */
    public SideWindow side() {
        return (SideWindow) window;
    }
}
