package zephyrdune.shoot.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import zephyrdune.light.daylight.Sky;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.SideWindow;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.MeasuredAt;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.RoomMeasured;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.Shot;
import zephyrdune.shoot.brief.WindowDaylight;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.shoot.runsheet.Unmet.Kind;

/** Dishes that need the window's light come while it is there. The place and its window are invented. */
public class RoomOnRunSheetTest {

    private static final double START = 13 * 60;

    /** Nothing of this set has to be moved for the other but the purpose of the room's light. */
    private static final TableSet BURIED = Sets.chowder().withAmbient(new Ambient(5, 5500, 2));

    private static final TableSet KEPT =
            BURIED.withAmbient(new Ambient(400, 5500, 5).with(one -> one.purpose(Ambient.Purpose.KEEP)));

    private static final Map<String, MeasuredSet> SETS =
            Map.of("buried", MeasuredSet.of(BURIED), "kept", MeasuredSet.of(KEPT));

    /** A December afternoon at 51 degrees: the sun sets at about four. */
    private static WindowDaylight daylight(Sky sky, RoomMeasured measured) {
        SideWindow window = new SideWindow(Math.PI, 2, 0.3, 3, 1, 1);
        return new WindowDaylight(Math.toRadians(51), 0, Math.PI, sky, 0.7, window, measured);
    }

    private static Optional<RoomLight> on(WindowDaylight daylight) {
        return Optional.of(
                RoomLight.of(daylight, Instant.parse("2026-12-04T00:00:00Z").toEpochMilli()));
    }

    private static Optional<RoomLight> dusk(Sky sky) {
        return on(daylight(sky, new MeasuredAt(400, 13)));
    }

    /** Six dishes alike, of which the last two are on the set that keeps the room. */
    private static Shoot shoot() {
        Shoot drawn = DrawnShoots.drawn(new Random(3), 6, false);
        return drawn.withEnds(20)
                .withKitchen(12)
                .withAppointments(List.of())
                .withDishes(IntStream.range(0, 6)
                        .mapToObj(at -> drawn.dishes()
                                .get(at)
                                .withHolds(30)
                                .withPrepares(10)
                                .withPlates(Plates.ONE)
                                .withShots(List.of(new Shot("Menu", 20, new KeptSet(at < 4 ? "buried" : "kept")))))
                        .toList());
    }

    private static RunSheet sheet(Shoot shoot, Optional<RoomLight> room) {
        return RunSheet.of(shoot, SETS, StepMinutes.USUAL, RunState.before(START), room);
    }

    @Test
    public void whatNeedsTheWindowComesBeforeDusk() {
        RunSheet sheet = sheet(shoot(), dusk(Sky.OVERCAST));
        assertThat(sheet.rows().subList(0, 2))
                .extracting(RunSheetRow::key)
                .containsExactlyInAnyOrder("dish-4", "dish-5");
        assertThat(sheet.unmet()).isEmpty();
        assertThat(sheet.rows().get(0).roomOff().orElseThrow()).isBetween(-0.5, 0.0);
        assertThat(sheet.rows().get(5).roomOff().orElseThrow())
                .as("buried all day")
                .isZero();
        assertThat(sheet(shoot(), Optional.empty()).rows())
                .allSatisfy(row -> assertThat(row.roomOff()).isEmpty());
    }

    @Test
    public void whatComesTooLateForTheWindowIsSaidWithTheTimeThatWouldDo() {
        Shoot late = shoot().withDishes(shoot().dishes().stream()
                .map(dish -> dish.key().equals("dish-5") ? dish.withFrom(16) : dish)
                .toList());
        RunSheet sheet = sheet(late, dusk(Sky.OVERCAST));
        assertThat(sheet.unmet()).hasSize(1);
        Unmet unmet = sheet.unmet().get(0);
        assertThat(unmet.kind()).isEqualTo(Kind.ROOM_LIGHT);
        assertThat(unmet.key()).contains("dish-5");
        assertThat(unmet.what())
                .contains("darker than the set of “Dish 5” was made with")
                .containsPattern("begin it by 1[34]:\\d\\d");
    }

    @Test
    public void whatTheSunFallsOnIsSaid() {
        RunSheet sheet = sheet(shoot(), dusk(Sky.CLEAR));
        assertThat(sheet.unmet())
                .anySatisfy(unmet -> assertThat(unmet.what()).contains("the sun comes through the window"));
    }

    @Test
    public void aReadingThatIsNotOfTheWindowIsSaid() {
        WindowDaylight lamps = daylight(Sky.OVERCAST, new MeasuredAt(150, 19));
        RunSheet sheet = sheet(shoot().withDaylight(lamps), on(lamps));
        assertThat(sheet.unmet())
                .anySatisfy(unmet -> assertThat(unmet.what())
                        .contains("at 19:00, and 150 lx were measured", "measure by daylight alone"));
    }
}
