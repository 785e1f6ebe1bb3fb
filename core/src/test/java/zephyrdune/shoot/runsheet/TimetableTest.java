package zephyrdune.shoot.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.runsheet.RunState.Begun;

/** Whatever the order: nothing happens before it can, nothing at two places at once, and nothing stands for longer than it holds. */
public class TimetableTest {

    private static final double DUST = 1e-6;

    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 60).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static int[] shuffled(int count, Random random) {
        List<Integer> order = new ArrayList<>(IntStream.range(0, count).boxed().toList());
        Collections.shuffle(order, random);
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    @Test(dataProvider = "seeds")
    public void keepsTheRules(int seed) {
        Random random = new Random(seed);
        Shoot shoot = DrawnShoots.drawn(random, 9, seed % 2 == 0);
        ShootTasks tasks = DrawnShoots.tasks(shoot);
        int[] order = shuffled(9, random);
        Timetable table = new Timetable(tasks, order);
        Appointment rest = shoot.appointments().get(0);
        double before = shoot.starts() * 60;
        for (int at = 0; at < order.length; at++) {
            DishTask task = tasks.task(order[at]);
            assertThat(table.changeStarts[at]).isGreaterThanOrEqualTo(before - DUST);
            assertThat(table.starts[at]).isGreaterThanOrEqualTo(table.changeEnds[at] - DUST);
            assertThat(table.starts[at]).isGreaterThanOrEqualTo(table.ready[at] - DUST);
            assertThat(table.ends[at] - table.starts[at]).isCloseTo(task.lasts(), within(DUST));
            assertThat(table.ends[at] <= rest.startMinute() + DUST || table.starts[at] >= rest.endMinute() - DUST)
                    .as("photographed outside the break")
                    .isTrue();
            if (task.slack() >= 0) {
                assertThat(table.starts[at] - table.ready[at]).isLessThanOrEqualTo(task.slack() + DUST);
            }
            assertThat(table.kitchenStarts[at]).isGreaterThanOrEqualTo(shoot.kitchen() * 60 - DUST);
            before = table.ends[at];
        }
        atMostSoMany(table, tasks, order, (int) shoot.stations());
    }

    /** The kitchen works on no more dishes at a time than it has stations. */
    private static void atMostSoMany(Timetable table, ShootTasks tasks, int[] order, int stations) {
        for (int at = 0; at < order.length; at++) {
            double moment = table.kitchenStarts[at] + DUST;
            long busy = IntStream.range(0, order.length)
                    .filter(one -> tasks.task(order[one]).dish().prepares() > 0)
                    .filter(one -> table.kitchenStarts[one] <= moment
                            && moment
                                    < table.ready[one] + tasks.task(order[one]).cookedOn())
                    .count();
            assertThat(busy).isLessThanOrEqualTo(stations);
        }
    }

    /** By hand: two dishes without changes between them and a kitchen that makes one after the other. */
    @Test
    public void addsUpAsByHand() {
        Shoot drawn = DrawnShoots.drawn(new Random(3), 2, false);
        Shoot shoot = drawn.withStations(1)
                .withKitchen(12.75)
                .withAppointments(List.of(new Appointment("Break", 13 + 30 / 60.0, 20)))
                .withDishes(drawn.dishes().stream()
                        .map(dish -> dish.withPrepares(10)
                                .withHolds(12)
                                .withShots(List.of(dish.shots()
                                        .get(0)
                                        .with(shot -> shot.lasts(8).set(new zephyrdune.shoot.brief.NoSetYet())))))
                        .toList());
        Timetable table = new Timetable(DrawnShoots.tasks(shoot), new int[] {0, 1});
        // 13:00 styled by 13:02, photographed until 13:10; then styled by 13:12, photographed until 13:20
        assertThat(table.starts).containsExactly(new double[] {782, 792}, within(DUST));
        assertThat(table.ends).containsExactly(new double[] {790, 800}, within(DUST));
        // the second is ready when it is wanted, and begun ten minutes before; so the first is ready when that is begun
        assertThat(table.ready).containsExactly(new double[] {782, 792}, within(DUST));
        assertThat(table.kitchenStarts).containsExactly(new double[] {772, 782}, within(DUST));
        // eight minutes do not fit in before half past if setting up takes longer: after the break
        Timetable late = new Timetable(
                new ShootTasks(
                        shoot, DrawnShoots.kept(), StepMinutes.USUAL, RunState.before(13 * 60 + 21), Optional.empty()),
                new int[] {0, 1});
        assertThat(late.starts).containsExactly(new double[] {830, 840}, within(DUST));
        // nobody has begun by then, so the kitchen cannot have either
        assertThat(late.kitchenStarts[0]).isGreaterThanOrEqualTo(13 * 60 + 21 - DUST);
    }

    /** What was begun is done first where it would spoil; what is on the table is counted on from when it was put there. */
    @Test
    public void goesOnFromWhatIsBegun() {
        Shoot drawn = DrawnShoots.drawn(new Random(11), 6, false).withEnds(20);
        Shoot shoot = drawn.withAppointments(List.of())
                .withDishes(drawn.dishes().stream()
                        .map(dish -> dish.withHolds(30).withPrepares(10))
                        .toList());
        RunState state = new RunState(
                14 * 60,
                List.of("dish-1"),
                Optional.of(new Begun("dish-3", 13 * 60 + 58)),
                List.of(new Begun("dish-4", 13 * 60 + 45)),
                Optional.empty());
        ShootTasks tasks = new ShootTasks(shoot, DrawnShoots.kept(), StepMinutes.USUAL, state, Optional.empty());
        assertThat(tasks.count()).isEqualTo(4);
        int[] order = OrderSearch.of(tasks);
        assertThat(tasks.task(order[0]).dish().key()).isEqualTo("dish-4");
        Timetable table = new Timetable(tasks, order);
        assertThat(table.changeStarts[0])
                .isCloseTo(13 * 60 + 58 + tasks.onTable().orElseThrow().lasts(), within(DUST));
        assertThat(table.ready[0]).isCloseTo(13 * 60 + 55, within(DUST));
        assertThat(table.spoilt(0)).isZero();
    }
}
