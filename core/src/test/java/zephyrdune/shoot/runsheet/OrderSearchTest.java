package zephyrdune.shoot.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.Arrays;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The order that is found, against all orders there are, and against what no order can go below. Dishes are drawn by lot. */
public class OrderSearchTest {

    private static final int LARGEST = 8;

    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 50).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "seeds")
    public void isTheBestOfAllOrders(int seed) {
        Random random = new Random(seed);
        ShootTasks tasks = DrawnShoots.tasks(DrawnShoots.drawn(random, 4 + seed % (LARGEST - 3), seed % 2 == 0));
        HardMediumSoftLongScore best = best(tasks, new int[tasks.count()], 0, new boolean[tasks.count()]);
        int[] found = OrderSearch.of(tasks);
        assertThat(Arrays.stream(found).sorted().toArray())
                .isEqualTo(IntStream.range(0, tasks.count()).toArray());
        assertThat(OrderScore.of(new Timetable(tasks, found))).isEqualTo(best);
    }

    private static HardMediumSoftLongScore best(ShootTasks tasks, int[] order, int placed, boolean[] used) {
        if (placed == order.length) {
            return OrderScore.of(new Timetable(tasks, order));
        }
        HardMediumSoftLongScore best = null;
        for (int next = 0; next < order.length; next++) {
            if (!used[next]) {
                used[next] = true;
                order[placed] = next;
                HardMediumSoftLongScore found = best(tasks, order, placed + 1, used);
                best = best == null || found.compareTo(best) > 0 ? found : best;
                used[next] = false;
            }
        }
        return best;
    }

    /**
     * Fourteen dishes: nothing is missed that some order keeps, and no more is moved than 5 % above the shortest way through all sets, which is found by
     * itself, without times (Held and Karp, A dynamic programming approach to sequencing problems, J. SIAM 10, 1962).
     */
    @Test
    public void comesNearWhatNoOrderCanGoBelow() {
        for (int seed = 0; seed < 3; seed++) {
            ShootTasks tasks = DrawnShoots.tasks(
                    DrawnShoots.drawn(new Random(100 + seed), 14, false).withEnds(23));
            Timetable found = new Timetable(tasks, OrderSearch.of(tasks));
            assertThat(found.missed()).isCloseTo(unavoidable(tasks), within(1e-9));
            double least = shortestWay(tasks);
            assertThat(found.changing()).isBetween(least - 1e-6, 1.05 * least);
        }
    }

    /** What dishes that hold too briefly for their own frames miss in any order. */
    private static double unavoidable(ShootTasks tasks) {
        return IntStream.range(0, tasks.count())
                .mapToDouble(at -> Math.max(0, -tasks.task(at).slack()))
                .sum();
    }

    private static double shortestWay(ShootTasks tasks) {
        int count = tasks.count();
        double[][] way = new double[1 << count][count];
        for (double[] row : way) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        for (int first = 0; first < count; first++) {
            way[1 << first][first] = tasks.changeMinutes(-1, first);
        }
        for (int visited = 1; visited < 1 << count; visited++) {
            for (int last = 0; last < count; last++) {
                for (int next = 0; next < count; next++) {
                    int also = visited | 1 << next;
                    if (also != visited) {
                        way[also][next] =
                                Math.min(way[also][next], way[visited][last] + tasks.changeMinutes(last, next));
                    }
                }
            }
        }
        return Arrays.stream(way[(1 << count) - 1]).min().orElseThrow();
    }

    @Test
    public void theSameShootHasTheSameOrder() {
        ShootTasks tasks = DrawnShoots.tasks(DrawnShoots.drawn(new Random(7), 10, true));
        assertThat(OrderSearch.of(tasks)).isEqualTo(OrderSearch.of(tasks));
    }
}
