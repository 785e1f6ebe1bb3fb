package zephyrdune.shoot.runsheet;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import java.util.List;
import java.util.stream.IntStream;

/** The problem that the solver is given, and its solution. */
@PlanningSolution
public class DishOrder {

    @ProblemFactProperty
    private ShootTasks tasks;

    @ValueRangeProvider
    private List<Integer> dishes;

    @PlanningEntityProperty
    private DishTurns turns;

    @PlanningScore
    private HardMediumSoftLongScore score;

    /** For the solver, which copies it. */
    public DishOrder() {}

    DishOrder(ShootTasks tasks) {
        this.tasks = tasks;
        dishes = IntStream.range(0, tasks.count()).boxed().toList();
        turns = new DishTurns();
    }

    ShootTasks tasks() {
        return tasks;
    }

    int[] order() {
        return turns.getOrder().stream().mapToInt(Integer::intValue).toArray();
    }
}
