package zephyrdune.shoot.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.KeptSet;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.StepMinutes.TimedChange;
import zephyrdune.shoot.runsheet.RunState.Begun;
import zephyrdune.shoot.runsheet.ShootEvent.What;

/** How far a shoot has come, by what was told, in whatever order that came in. */
public class ShootEventsTest {

    private static final Shoot SHOOT =
            DrawnShoots.drawn(new Random(2), 4, false).withAppointments(List.of());

    private static RunState state(List<ShootEvent> events) {
        return new ShootEvents(SHOOT, events).state(14 * 60);
    }

    private static List<ShootEvent> first() {
        return List.of(
                new ShootEvent("dish-0", What.COOKING, 800),
                new ShootEvent("dish-0", What.SET_STANDS, 805),
                new ShootEvent("dish-0", What.ON_TABLE, 806),
                new ShootEvent("dish-0", What.DONE, 815),
                new ShootEvent("dish-2", What.COOKING, 816),
                new ShootEvent("dish-3", What.ON_TABLE, 820));
    }

    private static String setOf(int dish, int shot) {
        return ((KeptSet) SHOOT.dishes().get(dish).shots().get(shot).set()).id();
    }

    @Test
    public void isAsWasTold() {
        RunState state = state(first());
        assertThat(state.done()).containsExactly("dish-0");
        assertThat(state.onTable()).contains(new Begun("dish-3", 820));
        assertThat(state.cooking()).containsExactly(new Begun("dish-2", 816));
        assertThat(state.standing()).contains(setOf(3, 0));
        assertThat(state.now()).isEqualTo(14 * 60);
        List<ShootEvent> mixed = new ArrayList<>(first());
        Collections.shuffle(mixed, new Random(1));
        assertThat(state(mixed)).isEqualTo(state);
    }

    /** Again is as if nothing had happened with a dish; what nobody knows is passed over; nothing is before the start. */
    @Test
    public void againAndUnknown() {
        List<ShootEvent> events = new ArrayList<>(first());
        events.add(new ShootEvent("dish-0", What.AGAIN, 830));
        events.add(new ShootEvent("dish-2", What.AGAIN, 831));
        events.add(new ShootEvent("dish-9", What.DONE, 832));
        RunState state = state(events);
        assertThat(state.done()).isEmpty();
        assertThat(state.cooking()).isEmpty();
        assertThat(new ShootEvents(SHOOT, List.of()).state(0).now()).isEqualTo(SHOOT.starts() * 60);
    }

    /** A change is timed from one dish done to the next one's set standing, without breaks and what took too long to be one. */
    @Test
    public void changesAreTimed() {
        List<ShootEvent> events = List.of(
                new ShootEvent("dish-0", What.DONE, 815),
                new ShootEvent("dish-1", What.SET_STANDS, 824.5),
                new ShootEvent("dish-1", What.DONE, 840),
                new ShootEvent("dish-2", What.SET_STANDS, 990),
                new ShootEvent("dish-2", What.DONE, 1000),
                new ShootEvent("dish-3", What.ON_TABLE, 1004));
        List<TimedChange> timed = new ShootEvents(SHOOT, events).timed(DrawnShoots.kept());
        assertThat(timed).hasSize(1);
        assertThat(timed.get(0).minutes()).isCloseTo(9.5, within(1e-9));
        Shoot broken = SHOOT.withAppointments(List.of(new Appointment("Tea", 820 / 60.0, 3)));
        assertThat(new ShootEvents(broken, events).timed(DrawnShoots.kept())).isEmpty();
    }
}
