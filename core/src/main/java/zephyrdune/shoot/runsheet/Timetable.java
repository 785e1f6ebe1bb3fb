package zephyrdune.shoot.runsheet;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleBiFunction;
import zephyrdune.shoot.brief.Appointment;
import zephyrdune.shoot.brief.TimeAt;
import zephyrdune.shoot.brief.TurnAt;
import zephyrdune.shoot.daylight.RoomNeed;

/**
 * When everything happens if the dishes come in a given order, each as early as it can: after the change to its set, when the kitchen has it, not
 * across an appointment, and with no dish ready for longer than it holds. The kitchen works on as many dishes at a time as it has stations, in the
 * order of the sheet, and begins each as late as that allows. All times in minutes of the day.
 */
final class Timetable {

    /** What a broken wish for a turn or for two dishes apart counts as, and a stop of the room's light too many or too few; minutes late. */
    private static final double BROKEN = 60;

    /** A fixed time is met so nearly, minutes. */
    static final double ON_TIME = 1;

    private static final double DUST = 1e-9;

    /** Of a dish that the kitchen has begun: when it is ready is settled. */
    private static final int NO_STATION = -1;

    private final ShootTasks tasks;
    private final int[] order;
    final double[] changeStarts;
    final double[] changeEnds;
    final double[] kitchenStarts;
    final double[] ready;
    final double[] starts;
    final double[] ends;
    private final int[] station;

    Timetable(ShootTasks tasks, int[] order) {
        this.tasks = tasks;
        this.order = order;
        int count = order.length;
        changeStarts = new double[count];
        changeEnds = new double[count];
        kitchenStarts = new double[count];
        ready = new double[count];
        starts = new double[count];
        ends = new double[count];
        station = new int[count];
        forwards();
        backwards();
    }

    private void forwards() {
        double[] free = stationsFree();
        double time = from();
        for (int at = 0; at < order.length; at++) {
            DishTask task = tasks.task(order[at]);
            double prepares = task.dish().prepares();
            changeStarts[at] = outside(time);
            changeEnds[at] = worked(changeStarts[at], tasks.changeMinutes(at == 0 ? -1 : order[at - 1], order[at]));
            OptionalDouble begun = tasks.cookingSince(order[at]);
            station[at] = begun.isPresent() ? NO_STATION : first(free);
            double earliest = begun.isPresent()
                    ? begun.getAsDouble() + prepares
                    : Math.max(free[station[at]] + prepares, task.dish().from() * 60);
            double from = Math.max(changeEnds[at], earliest);
            if (task.dish().turn() instanceof TimeAt fixed) {
                from = Math.max(from, fixed.time() * 60);
            }
            starts[at] = clear(from, task.lasts());
            ends[at] = starts[at] + task.lasts();
            ready[at] = earliest;
            if (begun.isEmpty()) {
                ready[at] = Math.max(earliest, starts[at] - Math.max(0, task.slack()));
                free[station[at]] = ready[at] + task.cookedOn();
            }
            time = ends[at];
        }
    }

    /** When something can be begun. */
    double from() {
        double now = Math.max(tasks.state().now(), tasks.shoot().starts() * 60);
        return tasks.onTable().isEmpty()
                ? now
                : Math.max(
                        now,
                        tasks.state().onTable().orElseThrow().since()
                                + tasks.onTable().get().lasts());
    }

    /** When each station of the kitchen has nothing left of what it has begun. */
    private double[] stationsFree() {
        double[] free = new double[(int) Math.round(tasks.shoot().stations())];
        double opens = tasks.shoot().kitchen() * 60;
        Arrays.fill(free, tasks.begun() ? Math.max(opens, tasks.state().now()) : opens);
        for (int task = 0; task < tasks.count(); task++) {
            OptionalDouble begun = tasks.cookingSince(task);
            if (begun.isPresent()) {
                int next = first(free);
                double until = begun.getAsDouble() + tasks.task(task).dish().prepares();
                free[next] = Math.max(free[next], until + tasks.task(task).cookedOn());
            }
        }
        return free;
    }

    private static int first(double[] free) {
        int first = 0;
        for (int i = 1; i < free.length; i++) {
            first = free[i] < free[first] ? i : first;
        }
        return first;
    }

    /** The kitchen begins no earlier than it has to. */
    private void backwards() {
        double[] busyFrom = new double[(int) Math.round(tasks.shoot().stations())];
        Arrays.fill(busyFrom, Double.POSITIVE_INFINITY);
        for (int at = order.length - 1; at >= 0; at--) {
            DishTask task = tasks.task(order[at]);
            if (station[at] != NO_STATION) {
                ready[at] = Math.max(ready[at], Math.min(starts[at], busyFrom[station[at]] - task.cookedOn()));
                busyFrom[station[at]] = ready[at] - task.dish().prepares();
            }
            kitchenStarts[at] = ready[at] - task.dish().prepares();
        }
    }

    /** The first moment from a time on that is in no appointment. */
    private double outside(double time) {
        double from = time;
        for (Appointment one : tasks.appointments()) {
            if (from >= one.startMinute() - DUST && from < one.endMinute()) {
                from = one.endMinute();
            }
        }
        return from;
    }

    /** When something is done that takes so long and rests during appointments. */
    private double worked(double from, double minutes) {
        double time = from;
        double left = minutes;
        for (Appointment one : tasks.appointments()) {
            if (one.endMinute() <= time) {
                continue;
            }
            double until = Math.max(0, one.startMinute() - time);
            if (left <= until + DUST) {
                break;
            }
            left -= until;
            time = one.endMinute();
        }
        return time + left;
    }

    /** The first moment from a time on at which so many minutes are free of appointments. */
    private double clear(double from, double minutes) {
        double time = from;
        for (Appointment one : tasks.appointments()) {
            if (time < one.endMinute() - DUST && time + minutes > one.startMinute() + DUST) {
                time = one.endMinute();
            }
        }
        return time;
    }

    int[] order() {
        return order.clone();
    }

    /** When the last frame is taken, minutes of the day. */
    double end() {
        return order.length == 0 ? tasks.state().now() : ends[order.length - 1];
    }

    /** What all changes take, minutes. */
    double changing() {
        double changing = 0;
        for (int at = 0; at < order.length; at++) {
            changing += tasks.changeMinutes(at == 0 ? -1 : order[at - 1], order[at]);
        }
        return changing;
    }

    /** By how many minutes everything together is missed that was asked for. */
    double missed() {
        double missed = Math.max(0, end() - tasks.shoot().ends() * 60);
        for (int at = 0; at < order.length; at++) {
            missed +=
                    late(at) + spoilt(at) + offTime(at) + BROKEN * (offTurn(at) + roomBeyond(at) + (apart(at) ? 1 : 0));
        }
        return missed;
    }

    /** By how much a dish is later than it was to be done, minutes. */
    double late(int at) {
        return Math.max(0, ends[at] - tasks.task(order[at]).dish().by() * 60);
    }

    /** For how long a dish has looked bad when its last frame is taken, minutes. */
    double spoilt(int at) {
        return Math.max(0, starts[at] - ready[at] - tasks.task(order[at]).slack());
    }

    /** By how much a dish is later than its fixed time, minutes. */
    double offTime(int at) {
        if (!(tasks.task(order[at]).dish().turn() instanceof TimeAt fixed)) {
            return 0;
        }
        double off = starts[at] - fixed.time() * 60;
        return off > ON_TIME ? off : 0;
    }

    /** By how many turns a dish is off the one that was asked for it. */
    double offTurn(int at) {
        return tasks.task(order[at]).dish().turn() instanceof TurnAt fixed
                ? Math.abs(tasks.behind() + at + 1 - fixed.number())
                : 0;
    }

    /** By how many stops the room is darker or brighter, from its first frame to its last, than a dish's sets can take. */
    double roomBeyond(int at) {
        return room(at, RoomNeed::beyond).orElse(0);
    }

    /** The largest {@link RoomNeed#off} of a dish's sets; nothing where the room's light does not change. */
    OptionalDouble roomOff(int at) {
        return room(at, RoomNeed::off);
    }

    private OptionalDouble room(int at, ToDoubleBiFunction<RoomNeed, Double> measured) {
        List<RoomNeed> needs = tasks.task(order[at]).needs();
        if (tasks.room().isEmpty() || needs.isEmpty()) {
            return OptionalDouble.empty();
        }
        double first = tasks.room().get().at(starts[at]);
        double last = tasks.room().get().at(ends[at]);
        double most = 0;
        for (RoomNeed need : needs) {
            double atFirst = measured.applyAsDouble(need, first);
            double atLast = measured.applyAsDouble(need, last);
            double worse = Math.abs(atFirst) > Math.abs(atLast) ? atFirst : atLast;
            most = Math.abs(worse) > Math.abs(most) ? worse : most;
        }
        return OptionalDouble.of(most);
    }

    /** Whether a dish comes straight after one that it is not to come after. */
    boolean apart(int at) {
        return tasks.apart(at == 0 ? -1 : order[at - 1], order[at]);
    }
}
