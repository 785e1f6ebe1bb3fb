package zephyrdune.shoot.runsheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomLight;

/**
 * What is left of a shoot, dish by dish in the order in which it is best done.
 *
 * @param unmet what was asked for and cannot be
 * @param changing what all changes between the dishes take, minutes
 * @param ends when the last frame is taken, minutes of the day
 * @param onTableEnds when the dish that is being photographed is done, likewise; now where there is none
 */
public record RunSheet(List<RunSheetRow> rows, List<Unmet> unmet, double changing, double ends, double onTableEnds) {

    public RunSheet {
        rows = List.copyOf(rows);
        unmet = List.copyOf(unmet);
    }

    /**
     * The best order of what is left.
     *
     * @param sets those that shots are taken on, by what they are kept under; a shot of any other is taken for one without
     * @param room its own light through the day, where it changes
     */
    public static RunSheet of(
            Shoot shoot, Map<String, MeasuredSet> sets, StepMinutes minutes, RunState state, Optional<RoomLight> room) {
        ShootTasks tasks = new ShootTasks(shoot, sets, minutes, state, room);
        Timetable table = new Timetable(tasks, OrderSearch.of(tasks));
        List<RunSheetRow> rows = IntStream.range(0, tasks.count())
                .mapToObj(at -> row(tasks, table, at))
                .toList();
        return new RunSheet(rows, Unmets.of(tasks, table), table.changing(), table.end(), table.from());
    }

    private static RunSheetRow row(ShootTasks tasks, Timetable table, int at) {
        int[] order = table.order();
        DishTask task = tasks.task(order[at]);
        return new RunSheetRow(
                task.dish().key(),
                task.dish().name(),
                tasks.change(at == 0 ? -1 : order[at - 1], order[at]),
                task.within(),
                table.changeStarts[at],
                table.changeEnds[at],
                table.kitchenStarts[at],
                table.ready[at],
                table.starts[at],
                table.ends[at],
                table.ready[at] + task.dish().holds(),
                task.plates(),
                table.roomOff(at),
                Reasons.of(tasks, table, at));
    }
}
