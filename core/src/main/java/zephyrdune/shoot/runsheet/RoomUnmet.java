package zephyrdune.shoot.runsheet;

import java.util.Optional;
import java.util.OptionalDouble;
import zephyrdune.shoot.brief.MeasuredAt;
import zephyrdune.shoot.brief.WindowDaylight;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.shoot.daylight.RoomNeed;
import zephyrdune.shoot.runsheet.Unmet.Kind;

/** What is the matter where the room's own light is not what a dish's sets can take at its time. */
final class RoomUnmet {

    /** Less nobody sees, stops. */
    private static final double LEAST = 0.1;

    private static final String KEPT = "%s than the set of “%s” was made with";
    private static final String BURIED = "too bright to stay out of the picture of “%s”";

    /** Minutes between the times that are looked at for a better one. */
    private static final int STEP = 5;

    private RoomUnmet() {}

    static Optional<Unmet> of(ShootTasks tasks, Timetable table, int at) {
        if (table.roomBeyond(at) < LEAST) {
            return Optional.empty();
        }
        DishTask task = tasks.task(table.order()[at]);
        RoomLight room = tasks.room().orElseThrow();
        double off = table.roomOff(at).orElseThrow();
        boolean sunny = room.sunny(table.starts[at]) || room.sunny(table.ends[at]);
        boolean kept = task.needs().stream().anyMatch(RoomNeed::kept);
        String what = "At %s the room is about %.1f stops %s%s; %s"
                .formatted(
                        DayTime.words(table.starts[at]),
                        Math.abs(off),
                        (kept ? KEPT : BURIED)
                                .formatted(
                                        off > 0 ? "brighter" : "darker",
                                        task.dish().name()),
                        sunny ? ", for the sun comes through the window" : "",
                        remedy(table, tasks, at, off > 0));
        return Optional.of(new Unmet(Kind.ROOM_LIGHT, Optional.of(task.dish().key()), what, Optional.empty()));
    }

    /** A reading of the room that its window cannot have given. */
    static Optional<Unmet> doubtful(ShootTasks tasks) {
        if (tasks.room().isEmpty()
                || !tasks.room().get().doubtful()
                || !(tasks.shoot().daylight() instanceof WindowDaylight window)
                || !(window.measured() instanceof MeasuredAt known)) {
            return Optional.empty();
        }
        double minute = known.time() * 60;
        return Optional.of(new Unmet(
                Kind.ROOM_LIGHT,
                Optional.empty(),
                "The window gives about %.3g lx at %s, and %.0f lx were measured: that is left out; measure by daylight alone, or change the window or the sky"
                        .formatted(tasks.room().get().estimated(minute), DayTime.words(minute), known.illuminance()),
                Optional.empty()));
    }

    private static String remedy(Timetable table, ShootTasks tasks, int at, boolean brighter) {
        OptionalDouble time = nearest(table, tasks, at);
        String otherwise = brighter ? "cover the window" : "light what the window no longer gives";
        return time.isEmpty()
                ? otherwise
                : "begin it %s %s, or %s"
                        .formatted(
                                time.getAsDouble() < table.starts[at] ? "by" : "from",
                                DayTime.words(time.getAsDouble()),
                                otherwise);
    }

    /** The time nearest to its own, within the shoot and not before its set can stand, at which all of a dish could be taken in the room's light. */
    private static OptionalDouble nearest(Timetable table, ShootTasks tasks, int at) {
        int number = table.order()[at];
        DishTask task = tasks.task(number);
        RoomLight room = tasks.room().orElseThrow();
        double now = table.starts[at];
        double from = table.from() + tasks.changeMinutes(-1, number);
        double to = tasks.shoot().ends() * 60 - task.lasts();
        for (double away = STEP; now - away >= from || now + away <= to; away += STEP) {
            for (double time : new double[] {now - away, now + away}) {
                if (time >= from && time <= to && good(task, room, time)) {
                    return OptionalDouble.of(time);
                }
            }
        }
        return OptionalDouble.empty();
    }

    private static boolean good(DishTask task, RoomLight room, double time) {
        for (RoomNeed need : task.needs()) {
            if (need.beyond(room.at(time)) >= LEAST || need.beyond(room.at(time + task.lasts())) >= LEAST) {
                return false;
            }
        }
        return true;
    }
}
