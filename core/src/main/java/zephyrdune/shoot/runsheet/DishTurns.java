package zephyrdune.shoot.runsheet;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningListVariable;
import java.util.ArrayList;
import java.util.List;

/** The order of the dishes, for the solver to change. */
@PlanningEntity
public class DishTurns {

    @PlanningId
    private int id;

    @PlanningListVariable
    private List<Integer> order = new ArrayList<>();

    /** For the solver, which copies it. */
    public DishTurns() {}

    public int getId() {
        return id;
    }

    public List<Integer> getOrder() {
        return order;
    }

    public void setOrder(List<Integer> order) {
        this.order = order;
    }
}
