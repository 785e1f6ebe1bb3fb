package zephyrdune.shoot.runsheet;

import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListRuinRecreateMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.ListSwapMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.list.kopt.KOptListMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.util.List;
import java.util.stream.IntStream;

/** Finds a good order of the dishes: the same one for the same shoot, however fast the machine. */
final class OrderSearch {

    private static final long SEED = 1;

    /** Orders that are looked at of a usual shoot; fewer of a long one, for which each takes longer. */
    private static final long ORDERS = 200_000;

    private static final int USUAL_COUNT = 20;
    private static final long TIMES_OVER = 50;

    /** How much worse an order may be at first for the search to go on from it, in the steps of {@link OrderScore}. */
    private static final String ANNEALING = "20000hard/8000medium/20000soft";

    private OrderSearch() {}

    static int[] of(ShootTasks tasks) {
        if (tasks.count() < 2) {
            return IntStream.range(0, tasks.count()).toArray();
        }
        SolverConfig config = new SolverConfig()
                .withSolutionClass(DishOrder.class)
                .withEntityClasses(DishTurns.class)
                .withEasyScoreCalculatorClass(OrderScore.class)
                .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
                .withRandomSeed(SEED)
                .withPhases(
                        new ConstructionHeuristicPhaseConfig(),
                        new LocalSearchPhaseConfig()
                                .withMoveSelectorConfig(new UnionMoveSelectorConfig(List.of(
                                        new ListChangeMoveSelectorConfig(),
                                        new ListSwapMoveSelectorConfig(),
                                        new KOptListMoveSelectorConfig(),
                                        new ListRuinRecreateMoveSelectorConfig()
                                                .withMinimumRuinedCount(2)
                                                .withMaximumRuinedCount(4))))
                                .withAcceptorConfig(new LocalSearchAcceptorConfig()
                                        .withSimulatedAnnealingStartingTemperature(ANNEALING))
                                .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1)))
                .withTerminationConfig(new TerminationConfig().withScoreCalculationCountLimit(orders(tasks.count())));
        return SolverFactory.<DishOrder>create(config)
                .buildSolver()
                .solve(new DishOrder(tasks))
                .order();
    }

    /** Those too that it takes to place each dish for the first time; of few dishes each order many times over is enough. */
    private static long orders(int count) {
        long all = 1;
        for (int i = 2; i <= count && all < ORDERS; i++) {
            all *= i;
        }
        long looked = Math.min(TIMES_OVER * all, ORDERS * USUAL_COUNT / Math.max(USUAL_COUNT, count));
        return (long) count * count / 2 + looked;
    }
}
