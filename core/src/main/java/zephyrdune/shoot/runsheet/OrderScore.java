package zephyrdune.shoot.runsheet;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import zephyrdune.units.measure.Cancellation;

/** How good an order is: first that nothing is missed, then that as little as can be is moved, then that it is over early. */
public final class OrderScore implements EasyScoreCalculator<DishOrder, HardMediumSoftLongScore> {

    /** Thousandths of a minute. */
    private static final double STEPS = 1000;

    @Override
    public HardMediumSoftLongScore calculateScore(DishOrder order) {
        Cancellation.check();
        return of(new Timetable(order.tasks(), order.order()));
    }

    static HardMediumSoftLongScore of(Timetable table) {
        return HardMediumSoftLongScore.of(steps(table.missed()), steps(table.changing()), steps(table.end()));
    }

    private static long steps(double minutes) {
        return -Math.round(minutes * STEPS);
    }
}
