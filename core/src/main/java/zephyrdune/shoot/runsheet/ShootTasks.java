package zephyrdune.shoot.runsheet;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.NotAfter;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.change.MeasuredSet;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.SetChanges;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.shoot.runsheet.RunState.Begun;

/** What is still to be done of a shoot, and what it takes to go from any of it to any other. */
final class ShootTasks {

    private final Shoot shoot;
    private final StepMinutes minutes;
    private final RunState state;
    private final Optional<RoomLight> room;
    private final List<DishTask> tasks;
    private final Optional<DishTask> onTable;
    private final int behind;
    private final List<OptionalDouble> cooking;
    private final List<Appointment> appointments;

    /** From one to another; the last row from what stands now. */
    private final SetChange[][] changes;

    private final double[][] changeMinutes;
    private final boolean[][] apart;

    ShootTasks(
            Shoot shoot, Map<String, MeasuredSet> sets, StepMinutes minutes, RunState state, Optional<RoomLight> room) {
        this.shoot = shoot;
        this.room = room;
        this.minutes = minutes;
        this.state = state;
        SetChanges known = new SetChanges();
        Set<String> gone = new HashSet<>(state.done());
        Optional<String> current = state.onTable().map(Begun::key);
        onTable = current.flatMap(shoot::dish).map(dish -> DishTask.of(dish, sets, known, minutes, room.isPresent()));
        current.ifPresent(gone::add);
        tasks = shoot.dishes().stream()
                .filter(dish -> !gone.contains(dish.key()))
                .map(dish -> DishTask.of(dish, sets, known, minutes, room.isPresent()))
                .toList();
        cooking = tasks.stream().map(task -> since(state.cooking(), task)).toList();
        appointments = shoot.appointments().stream()
                .sorted(Comparator.comparingDouble(Appointment::startMinute))
                .toList();
        behind = (int) shoot.dishes().stream()
                .map(ShootDish::key)
                .filter(gone::contains)
                .count();
        Optional<MeasuredSet> standing =
                onTable.map(DishTask::last).orElseGet(() -> state.standing().map(sets::get));
        int count = tasks.size();
        changes = new SetChange[count + 1][count];
        changeMinutes = new double[count + 1][count];
        apart = new boolean[count + 1][count];
        for (int to = 0; to < count; to++) {
            for (int from = 0; from < count; from++) {
                put(
                        from,
                        to,
                        known.between(tasks.get(from).last(), tasks.get(to).first(), name(to)));
                apart[from][to] = keptApart(key(from), key(to));
            }
            boolean empty = standing.isEmpty() && behind == 0;
            Optional<MeasuredSet> first = tasks.get(to).first();
            put(
                    count,
                    to,
                    empty && first.isPresent()
                            ? SetChange.first(first.get().set())
                            : known.between(standing, first, name(to)));
            int at = to;
            apart[count][to] =
                    lastDone().filter(last -> keptApart(last, key(at))).isPresent();
        }
    }

    private static OptionalDouble since(List<Begun> cooking, DishTask task) {
        return cooking.stream()
                .filter(one -> one.key().equals(task.dish().key()))
                .mapToDouble(Begun::since)
                .findFirst();
    }

    private Optional<String> lastDone() {
        List<String> done = state.done();
        return state.onTable()
                .map(Begun::key)
                .or(() -> done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1)));
    }

    private void put(int from, int to, SetChange change) {
        changes[from][to] = change;
        changeMinutes[from][to] = minutes.of(change);
    }

    private boolean keptApart(String first, String second) {
        return shoot.apart().contains(new NotAfter(first, second));
    }

    private String key(int task) {
        return tasks.get(task).dish().key();
    }

    private String name(int task) {
        return tasks.get(task).dish().name();
    }

    /** When the kitchen began a dish, minutes of the day; empty for one that it has yet to begin. */
    OptionalDouble cookingSince(int task) {
        return cooking.get(task);
    }

    int count() {
        return tasks.size();
    }

    DishTask task(int at) {
        return tasks.get(at);
    }

    /** The first first. */
    List<Appointment> appointments() {
        return appointments;
    }

    Shoot shoot() {
        return shoot;
    }

    /** The room's own light through the day, where it changes. */
    Optional<RoomLight> room() {
        return room;
    }

    RunState state() {
        return state;
    }

    Optional<DishTask> onTable() {
        return onTable;
    }

    /** Whether the shoot is under way: what the kitchen has not begun by now it cannot have begun before. */
    boolean begun() {
        return behind > 0 || !state.cooking().isEmpty() || state.now() > shoot.starts() * 60;
    }

    /** Dishes that have had their turn or are having it. */
    int behind() {
        return behind;
    }

    /** @param from a task, or -1 for what stands now */
    SetChange change(int from, int to) {
        return changes[from < 0 ? count() : from][to];
    }

    double changeMinutes(int from, int to) {
        return changeMinutes[from < 0 ? count() : from][to];
    }

    boolean apart(int from, int to) {
        return apart[from < 0 ? count() : from][to];
    }
}
