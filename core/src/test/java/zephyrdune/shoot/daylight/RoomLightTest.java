package zephyrdune.shoot.daylight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import org.assertj.core.data.Percentage;
import org.testng.annotations.Test;
import zephyrdune.light.daylight.Sky;
import zephyrdune.light.daylight.Sun;
import zephyrdune.light.daylight.UprightDaylight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.NoWindow;
import zephyrdune.set.room.SideWindow;
import zephyrdune.shoot.brief.MeasuredAt;
import zephyrdune.shoot.brief.NotMeasured;
import zephyrdune.shoot.brief.RoomMeasured;
import zephyrdune.shoot.brief.WindowDaylight;
import zephyrdune.units.measure.Refused;

/** The room's light by its window, against closed forms and geometry. Places and windows are invented. */
public class RoomLightTest {

    private static final double LATITUDE = Math.toRadians(51);
    private static final double SOUTH = Math.PI;
    private static final double NOON = 12 * 60;

    private static WindowDaylight daylight(Sky sky, SideWindow window, RoomMeasured measured) {
        return new WindowDaylight(LATITUDE, 0, SOUTH, sky, 0.7, window, measured);
    }

    private static RoomLight on(String day, WindowDaylight daylight) {
        return RoomLight.of(daylight, Instant.parse(day + "T00:00:00Z").toEpochMilli());
    }

    private static SideWindow window(double distance, double sill, double width, double height) {
        return new SideWindow(Math.PI, distance, sill, width, height, 1);
    }

    /**
     * The configuration factor from an element to an upright rectangle over the level of its sill (Hamilton and Morgan, "Radiant-interchange
     * configuration factors", NACA TN 2836, 1952, configuration P-2): half a window on each side.
     */
    @Test
    public void aWindowGivesWhatItsConfigurationFactorSays() {
        double distance = 1.6;
        double width = 1.4;
        double height = 1.1;
        double wide = Math.hypot(distance, height);
        double factor =
                2 / (2 * Math.PI) * (Math.atan(width / 2 / distance) - distance / wide * Math.atan(width / 2 / wide));
        Sun sun = Sun.at(LATITUDE, 0, Instant.parse("2026-12-04T12:00:00Z").toEpochMilli());
        double outside = UprightDaylight.of(Sky.OVERCAST, sun, SOUTH);
        RoomLight room =
                on("2026-12-04", daylight(Sky.OVERCAST, window(distance, 0, width, height), new NotMeasured()));
        assertThat(room.at(NOON)).isCloseTo(0.7 * outside * factor, Percentage.withPercentage(0.2));
    }

    @Test
    public void isWhatWasMeasuredWhenItWas() {
        WindowDaylight measured = daylight(Sky.OVERCAST, window(2, 0.2, 1, 1), new MeasuredAt(420, 13.25));
        RoomLight room = on("2026-12-04", measured);
        assertThat(room.doubtful()).isFalse();
        assertThat(room.at(13.25 * 60)).isCloseTo(420, within(1e-9));
        RoomLight estimate = on("2026-12-04", measured.withMeasured(new NotMeasured()));
        assertThat(room.at(15 * 60) / room.at(13 * 60))
                .isCloseTo(estimate.at(15 * 60) / estimate.at(13 * 60), within(1e-9));
    }

    /** Lamps at night: what was read then tells nothing of the window. */
    @Test
    public void whatTheWindowCannotHaveGivenIsLeftOut() {
        WindowDaylight night = daylight(Sky.OVERCAST, window(2, 0.2, 1, 1), new MeasuredAt(150, 19));
        RoomLight room = on("2026-12-04", night);
        assertThat(room.doubtful()).isTrue();
        RoomLight estimate = on("2026-12-04", night.withMeasured(new NotMeasured()));
        assertThat(estimate.doubtful()).isFalse();
        assertThat(room.at(NOON)).isEqualTo(estimate.at(NOON));
    }

    /** In winter the sun stands 17 degrees high at noon (90 - 51 - 22.3 by its declination): .6 m over the table at 2 m; in summer far over the window. */
    @Test
    public void theSunComesInWhereItStandsInTheWindow() {
        SideWindow window = window(2, 0.3, 1, 1);
        WindowDaylight clear = daylight(Sky.CLEAR, window, new NotMeasured());
        RoomLight winter = on("2026-12-04", clear);
        assertThat(winter.sunny(NOON)).isTrue();
        assertThat(winter.at(NOON)).isGreaterThan(5_000);
        assertThat(winter.sunny(9.5 * 60)).as("from the side").isFalse();
        assertThat(on("2026-06-21", clear).sunny(NOON)).as("too high").isFalse();
        RoomLight overcast = on("2026-12-04", daylight(Sky.OVERCAST, window, new NotMeasured()));
        assertThat(overcast.sunny(NOON)).isFalse();
        assertThat(overcast.at(15 * 60)).isLessThan(overcast.at(NOON));
        assertThat(overcast.at(20 * 60)).as("at night").isLessThan(1);
    }

    @Test
    public void daylightNeedsAWindow() {
        WindowDaylight daylight = daylight(Sky.CLEAR, window(2, 0.3, 1, 1), new NotMeasured());
        assertThatThrownBy(() -> daylight.withWindow(new NoWindow())).isInstanceOfSatisfying(Refused.class, refused -> {
            assertThat(refused.field()).isEqualTo("window");
            assertThat(refused.getMessage()).contains("choose no daylight");
        });
    }

    @Test
    public void aSetThatKeepsTheRoomTakesHalfAStopMoreOrLess() {
        TableSet chowder = Sets.chowder();
        TableSet kept = chowder.withAmbient(new Ambient(400, 5500, 5).with(one -> one.purpose(Ambient.Purpose.KEEP)));
        RoomNeed need = RoomNeed.of(kept);
        assertThat(need.kept()).isTrue();
        assertThat(need.off(200)).isCloseTo(-1, within(1e-9));
        assertThat(need.beyond(200)).isCloseTo(0.5, within(1e-9));
        assertThat(need.beyond(800)).isCloseTo(0.5, within(1e-9));
        assertThat(need.beyond(500)).isZero();
    }

    /** The room counts as gone until it is so bright that its exposure is only as many stops under the correct one as the set asks for. */
    @Test
    public void aSetThatBuriesTheRoomTakesAllThatIsStillBuried() {
        TableSet dim = Sets.chowder().withAmbient(new Ambient(10, 3000, 5));
        RoomNeed need = RoomNeed.of(dim);
        assertThat(need.kept()).isFalse();
        assertThat(need.beyond(0.01)).isZero();
        assertThat(need.beyond(need.most() * 2)).isCloseTo(1, within(1e-9));
        assertThat(need.off(need.most() / 2)).isZero();
        TableSet asMuch = dim.withAmbient(new Ambient(need.most(), 3000, 5));
        assertThat(RoomNeed.of(asMuch).most()).isCloseTo(need.most(), Percentage.withPercentage(1));
        TableSet none = dim.withAmbient(new Ambient(0, 3000, 5));
        assertThat(RoomNeed.of(none).beyond(5_000)).isZero();
    }
}
