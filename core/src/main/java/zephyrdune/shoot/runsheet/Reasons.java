package zephyrdune.shoot.runsheet;

import java.util.stream.IntStream;
import zephyrdune.shoot.brief.TimeAt;
import zephyrdune.shoot.brief.TurnAt;

/** Why a dish comes where it does: what would be lost if the one that is easiest to change to came in its place. */
final class Reasons {

    private static final double LEAST = 0.05;

    private Reasons() {}

    static String of(ShootTasks tasks, Timetable table, int at) {
        int[] order = table.order();
        DishTask task = tasks.task(order[at]);
        if (task.dish().turn() instanceof TimeAt fixed) {
            return "Fixed at %s".formatted(DayTime.words(fixed.time() * 60));
        }
        if (task.dish().turn() instanceof TurnAt) {
            return "Put there by hand";
        }
        if (at == order.length - 1) {
            return at == 0 ? "The only one left" : "The last one left";
        }
        int from = at == 0 ? -1 : order[at - 1];
        int easiest = IntStream.range(at, order.length)
                .boxed()
                .min((one, other) ->
                        Double.compare(tasks.changeMinutes(from, order[one]), tasks.changeMinutes(from, order[other])))
                .orElseThrow();
        double change = tasks.changeMinutes(from, order[at]);
        if (change <= tasks.changeMinutes(from, order[easiest]) + LEAST) {
            return "Of what is left, least has to be moved for it";
        }
        return instead(tasks, table, at, easiest);
    }

    private static String instead(ShootTasks tasks, Timetable table, int at, int other) {
        int[] changed = table.order();
        int moved = changed[other];
        System.arraycopy(changed, at, changed, at + 1, other - at);
        changed[at] = moved;
        Timetable instead = new Timetable(tasks, changed);
        String name = tasks.task(moved).dish().name();
        double missed = instead.missed() - table.missed();
        if (missed > LEAST) {
            return "With “%s” first, %s of what is asked for would be missed".formatted(name, DayTime.length(missed));
        }
        double more = instead.changing() - table.changing();
        return more > LEAST
                ? "“%s” is less to change to now, but the whole day would be %s more"
                        .formatted(name, DayTime.length(more))
                : "As good as “%s” here, and over no later".formatted(name);
    }
}
