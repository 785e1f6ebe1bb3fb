package zephyrdune.shoot.runsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.TimeAt;
import zephyrdune.shoot.brief.TurnAt;
import zephyrdune.shoot.runsheet.Unmet.Kind;
import zephyrdune.shoot.runsheet.Unmet.Remedy;
import zephyrdune.shoot.runsheet.Unmet.Remedy.Change;

/** What a timetable cannot keep, by name, with the least that would mend it. */
final class Unmets {

    private static final double LEAST = 0.05;

    private Unmets() {}

    static List<Unmet> of(ShootTasks tasks, Timetable table) {
        List<Unmet> unmet = new ArrayList<>();
        int[] order = table.order();
        for (int at = 0; at < order.length; at++) {
            DishTask task = tasks.task(order[at]);
            ofDish(task, table, at).ifPresent(unmet::add);
            late(tasks, table, at).ifPresent(unmet::add);
            turn(tasks, table, at).ifPresent(unmet::add);
            RoomUnmet.of(tasks, table, at).ifPresent(unmet::add);
            if (table.apart(at)) {
                unmet.add(new Unmet(
                        Kind.STRAIGHT_AFTER,
                        Optional.of(task.dish().key()),
                        "“%s” comes straight after a dish that it is not to follow; let it, or give one of them another time"
                                .formatted(task.dish().name()),
                        Optional.of(new Remedy(Change.MAY_FOLLOW, 0))));
            }
        }
        RoomUnmet.doubtful(tasks).ifPresent(unmet::add);
        double over = table.end() - tasks.shoot().ends() * 60;
        if (order.length > 0 && over > LEAST) {
            unmet.add(new Unmet(
                    Kind.OVER_TIME,
                    Optional.empty(),
                    "The last frame is taken at %s, %s past the end; end at %s, or leave a dish out"
                            .formatted(DayTime.words(table.end()), DayTime.length(over), DayTime.words(table.end())),
                    Optional.of(new Remedy(Change.SHOOT_ENDS, DayTime.hourAfter(table.end())))));
        }
        return unmet;
    }

    private static Optional<Unmet> ofDish(DishTask task, Timetable table, int at) {
        ShootDish dish = task.dish();
        if (task.slack() < -LEAST) {
            boolean once = dish.plates() == Plates.ONE;
            return Optional.of(new Unmet(
                    Kind.DOES_NOT_HOLD,
                    Optional.of(dish.key()),
                    "“%s” holds %s and its frames take %s: have it made again for the later ones, or plan %s less"
                            .formatted(
                                    dish.name(),
                                    DayTime.length(dish.holds()),
                                    DayTime.length(dish.holds() - task.slack()),
                                    DayTime.length(-task.slack())),
                    once ? Optional.of(new Remedy(Change.PLATES, 2)) : Optional.empty()));
        }
        double spoilt = table.spoilt(at);
        if (spoilt > LEAST) {
            return Optional.of(new Unmet(
                    Kind.SPOILT,
                    Optional.of(dish.key()),
                    "“%s” was ready at %s and looks bad before its last frame, by %s: have it made again"
                            .formatted(dish.name(), DayTime.words(table.ready[at]), DayTime.length(spoilt)),
                    Optional.empty()));
        }
        return Optional.empty();
    }

    private static Optional<Unmet> late(ShootTasks tasks, Timetable table, int at) {
        double late = table.late(at);
        if (late <= LEAST) {
            return Optional.empty();
        }
        int task = table.order()[at];
        ShootDish dish = tasks.task(task).dish();
        boolean never = new Timetable(tasks, new int[] {task}).late(0) > LEAST;
        return Optional.of(new Unmet(
                Kind.LATE,
                Optional.of(dish.key()),
                "“%s” is done at %s, %s after it was to be%s; make “Done by” %s"
                        .formatted(
                                dish.name(),
                                DayTime.words(table.ends[at]),
                                DayTime.length(late),
                                never ? ", and would be late even if it came first" : "",
                                DayTime.words(table.ends[at])),
                Optional.of(new Remedy(Change.DONE_BY, DayTime.hourAfter(table.ends[at])))));
    }

    private static Optional<Unmet> turn(ShootTasks tasks, Timetable table, int at) {
        ShootDish dish = tasks.task(table.order()[at]).dish();
        if (dish.turn() instanceof TimeAt fixed && table.offTime(at) > 0) {
            return Optional.of(new Unmet(
                    Kind.NOT_AT_ITS_TIME,
                    Optional.of(dish.key()),
                    "“%s” begins at %s, %s after %s, where it is fixed; fix it at %s"
                            .formatted(
                                    dish.name(),
                                    DayTime.words(table.starts[at]),
                                    DayTime.length(table.offTime(at)),
                                    DayTime.words(fixed.time() * 60),
                                    DayTime.words(table.starts[at])),
                    Optional.of(new Remedy(Change.FIXED_TIME, DayTime.hourAfter(table.starts[at])))));
        }
        if (dish.turn() instanceof TurnAt fixed && table.offTurn(at) > 0) {
            return Optional.of(new Unmet(
                    Kind.NOT_IN_ITS_TURN,
                    Optional.of(dish.key()),
                    "“%s” is wanted as number %.0f and cannot be; let it come when it is best"
                            .formatted(dish.name(), fixed.number()),
                    Optional.of(new Remedy(Change.ANY_TURN, 0))));
        }
        return Optional.empty();
    }
}
