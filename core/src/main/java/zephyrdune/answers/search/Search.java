package zephyrdune.answers.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.SimpleValueChecker;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.CMAESOptimizer;
import org.hipparchus.random.HaltonSequenceGenerator;
import org.hipparchus.random.Well19937c;
import zephyrdune.answers.finding.Finding;
import zephyrdune.answers.look.Fit;
import zephyrdune.answers.next.Means;
import zephyrdune.answers.next.Schools;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Board;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoBase;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.sampling.Sureness;

/**
 * Looks for placements that have a look, with the kit and in the room at hand. Every placement is judged by the set's own readings.
 *
 * <p>First all shapers on evenly spread places (J. H. Halton, Numerische Mathematik 2, 1960), by what follows from geometry alone; the best of
 * those with and without each card, by all readings; the best that truly differ are then moved to where they are best, by the covariance matrix
 * adaptation evolution strategy (N. Hansen and A. Ostermeier, Evolutionary Computation 9, 2001). The same seed finds the same.
 */
public final class Search {

    private static final int PLACES = 96;
    private static final int LIKELY = 14;
    private static final int REFINED = 6;
    private static final int SHOWN = 5;

    /** Readings at most while one is moved to where it is best, and how many places at a time. */
    private static final int MOVES = 120;

    /** The same by geometry alone, which is quick. */
    private static final int POLISHES = 350;

    /** So many are tried with cards between one report and the next. */
    private static final int AT_ONCE = 4;

    private static final int AT_A_TIME = 7;

    /** A fifth of what there is to either side, to begin with. */
    private static final double FIRST_STEP = 0.2;

    /** What could not stand is worse than any that can. */
    private static final double IMPOSSIBLE = 100;

    /** Of two that are nearly alike in the look the one comes first that asks for less. */
    private static final double ALIKE = 0.1;

    /** So many are shown before any is looked at with cards. */
    private static final int FIRST = 2;

    private static final double FIRST_DONE = 0.02;

    /** When its work is done, of one. */
    private static final double GEOMETRY_DONE = 0.2;

    private static final double CARDS_DONE = 0.4;

    /** Findings that ruin any picture and that the light's place alone brings about. */
    private static final Set<Finding.Kind> BY_PLACE =
            EnumSet.of(Finding.Kind.LIGHT_IN_FRAME, Finding.Kind.CAMERA_IN_THE_WAY);

    private final TableSet set;
    private final NamedLook look;
    private final Means means;
    private final long seed;
    private final Runnable breath;
    private final AtomicInteger evaluated = new AtomicInteger();
    private final Map<String, Integer> refusals = new ConcurrentHashMap<>();

    /**
     * @param breath called before each placement is read: waits there as long as others go first
     */
    public Search(TableSet set, NamedLook look, Means means, long seed, Runnable breath) {
        this.set = exposed(set, look, means);
        this.look = look;
        this.means = means;
        this.seed = seed;
        this.breath = breath;
    }

    /** The exposure is a dial: it is set to what the look asks for. */
    private static TableSet exposed(TableSet set, NamedLook look, Means means) {
        double bias = set.exposure().bias();
        double wanted = look.band(Aspect.BIAS).map(band -> band.nearest(bias)).orElse(bias);
        return means.pinned().contains(Means.Pin.CAMERA)
                ? set
                : set.withExposure(set.exposure().withBias(wanted));
    }

    /**
     * Looks until all is done.
     *
     * @param progress told of what was found so far
     * @throws java.util.concurrent.CancellationException where it is ended from outside
     */
    public Found run(Consumer<Found> progress) {
        // something to look at soon: what the shaper on the light can do
        List<Candidate> placed = new ArrayList<>(places(List.of(Optional.empty())));
        progress.accept(found(Ranking.unlike(placed, FIRST), FIRST_DONE));
        placed.addAll(places(otherShapers()));
        placed = Ranking.best(placed);
        progress.accept(found(Ranking.unlike(placed, FIRST), GEOMETRY_DONE));
        List<Candidate> likely = each(Ranking.unlike(placed, LIKELY), this::polished);
        List<Candidate> carded = new ArrayList<>();
        for (int i = 0; i < likely.size(); i += AT_ONCE) {
            int end = Math.min(likely.size(), i + AT_ONCE);
            carded.addAll(each(likely.subList(i, end), this::withCards));
            double share = GEOMETRY_DONE + (CARDS_DONE - GEOMETRY_DONE) * end / likely.size();
            progress.accept(found(Ranking.unlike(Ranking.best(carded), SHOWN), share));
        }
        carded = Ranking.best(carded);
        List<Candidate> moved = new ArrayList<>(carded);
        List<Candidate> starts = Ranking.unlike(carded, REFINED);
        for (int i = 0; i < starts.size(); i += 2) {
            moved.addAll(each(starts.subList(i, Math.min(starts.size(), i + 2)), this::moved));
            double share = CARDS_DONE + (1 - CARDS_DONE) * (i + 2) / (starts.size() + 2.0);
            progress.accept(found(Ranking.unlike(Ranking.best(moved), SHOWN), Math.min(0.99, share)));
        }
        Found all = found(Ranking.unlike(Ranking.best(moved), SHOWN), 1);
        progress.accept(all);
        return all;
    }

    /** The best of each shaper on either side, by geometry alone, the best first. */
    private List<Candidate> places(List<Optional<Shaper>> shapers) {
        HaltonSequenceGenerator spread = new HaltonSequenceGenerator(Spot.COORDINATES);
        spread.skipTo((int) Math.floorMod(seed, 1000L) + 1);
        List<double[]> points =
                IntStream.range(0, PLACES).mapToObj(i -> spread.nextVector()).toList();
        List<Build> builds = shapers.stream()
                .map(shaper -> new Build(shaper, new CardPlan.AsTheyAre()))
                .toList();
        return Ranking.best(each(
                builds,
                build -> Stream.of(true, false)
                        .flatMap(right -> {
                            Spot spot = Spot.of(look, right);
                            return points.stream()
                                    .flatMap(at ->
                                            candidate(build, spot, at, there -> Fit.missedByGeometry(there, look))
                                                    .stream());
                        })
                        .toList()));
    }

    private List<Optional<Shaper>> otherShapers() {
        return means.pinned().contains(Means.Pin.SHAPER)
                ? List.of()
                : means.kit().shapers().stream().map(Optional::of).toList();
    }

    /** One of the places with each way of putting cards. */
    private List<Candidate> withCards(Candidate placed) {
        return cards().stream()
                .flatMap(cards ->
                        candidate(new Build(placed.build().shaper(), cards), placed.spot(), placed.at(), this::missed)
                                .stream())
                .toList();
    }

    private List<CardPlan> cards() {
        List<CardPlan> all = new ArrayList<>();
        boolean pinned = means.pinned().contains(Means.Pin.CARDS);
        if (pinned || !set.cards().isEmpty()) {
            all.add(new CardPlan.AsTheyAre());
        }
        if (!pinned) {
            all.add(new CardPlan.Bare());
            means.kit().boards().stream()
                    .sorted(Comparator.comparingDouble((Board board) -> -board.width() * board.height()))
                    .limit(SHOWN)
                    .forEach(board -> all.add(new CardPlan.Opposite(board)));
            if (means.schools().lights() == Schools.Lights.WITH_BASE && set.base() instanceof NoBase) {
                all.add(new CardPlan.Based());
            }
            if (look.band(Aspect.PATTERN).filter(band -> band.from() > 0).isPresent()) {
                all.add(new CardPlan.Holed());
            } else if (means.schools().smallPool() == Schools.SmallPool.CUT_LARGE
                    && look.band(Aspect.BACKDROP).filter(band -> band.to() < 0).isPresent()) {
                all.add(new CardPlan.TwoBoards());
            }
        }
        return all;
    }

    /** The same build where it is best by geometry alone, to the degree and the centimetre: the best often just clears the table. */
    private List<Candidate> polished(Candidate start) {
        Function<TableSet, Double> missed = there -> Fit.missedByGeometry(there, look);
        Candidate best = moved(start, POLISHES, missed);
        Candidate before;
        do {
            before = best;
            for (double[] at : before.spot().beside(before.at())) {
                Candidate other = candidate(before.build(), before.spot(), at, missed)
                        .filter(there -> Double.isFinite(there.missed()))
                        .orElse(before);
                best = other.missed() < best.missed() ? other : best;
            }
        } while (best.missed() < before.missed());
        return List.of(best);
    }

    /** The same build where it is best by all readings. */
    private List<Candidate> moved(Candidate start) {
        return List.of(start.missed() < ALIKE ? start : moved(start, MOVES, this::missed));
    }

    private Candidate moved(Candidate start, int evaluations, Function<TableSet, Double> missed) {
        Candidate[] best = {start};
        ObjectiveFunction asked = new ObjectiveFunction(at -> {
            Optional<Candidate> there = candidate(start.build(), start.spot(), at.clone(), missed);
            there.filter(candidate -> candidate.missed() < best[0].missed()).ifPresent(better -> best[0] = better);
            return there.map(Candidate::missed).orElse(IMPOSSIBLE);
        });
        double[] step = new double[Spot.COORDINATES];
        Arrays.fill(step, FIRST_STEP);
        double[] ones = new double[Spot.COORDINATES];
        Arrays.fill(ones, 1);
        try {
            new CMAESOptimizer(
                            evaluations, 0, true, 0, 0, new Well19937c(seed), false, new SimpleValueChecker(1e-5, 1e-5))
                    .optimize(
                            new MaxEval(evaluations),
                            asked,
                            GoalType.MINIMIZE,
                            new InitialGuess(start.at()),
                            new SimpleBounds(new double[Spot.COORDINATES], ones),
                            new CMAESOptimizer.Sigma(step),
                            new CMAESOptimizer.PopulationSize(AT_A_TIME));
        } catch (MathRuntimeException enough) {
            // the best of those that were looked at stands
        }
        return best[0];
    }

    /** Nothing where it could not stand; the reason is counted. */
    private Optional<Candidate> candidate(Build build, Spot spot, double[] at, Function<TableSet, Double> missed) {
        breath.run();
        Cancellation.check();
        evaluated.incrementAndGet();
        try {
            Light light = spot.at(build.on(set.light()), at);
            TableSet there = build.on(set, light);
            return Optional.of(new Candidate(build, spot, at, there, missed.apply(there)));
        } catch (Refused impossible) {
            ruledOut(impossible.getMessage());
            return Optional.empty();
        }
    }

    /** Counted by what it is, not by how much: what comes before a colon, a semicolon or a figure. */
    private void ruledOut(String why) {
        refusals.merge(why.split("[;:{]|\\d", 2)[0].strip(), 1, Integer::sum);
    }

    private double missed(TableSet there) {
        return Fit.of(there, look, Sureness.AT_ONCE).missed() + ruined(there);
    }

    /** How many findings ruin the picture by the light's place. */
    private static int ruined(TableSet there) {
        return Finding.present(there, BY_PLACE).size();
    }

    /** As it is at rest; nothing where no picture is any good with it, and the reason is counted. */
    private Optional<Placement> placement(Candidate candidate) {
        Optional<String> ruin = Finding.present(candidate.set(), Finding.Kind.allRuinous()).values().stream()
                .findFirst();
        ruin.ifPresent(this::ruledOut);
        return ruin.isPresent()
                ? Optional.empty()
                : Optional.of(Placement.of(set, candidate, Fit.of(candidate.set(), look, Sureness.AT_REST)));
    }

    /** The placements of some candidates, the best first. */
    private Found found(List<Candidate> candidates, double share) {
        List<Placement> placements = new ArrayList<>(Cancellation.onAllCores(candidates, this::placement).stream()
                .flatMap(Optional::stream)
                .toList());
        placements.sort(Comparator.<Placement>comparingDouble(
                        placement -> Math.rint(placement.fit().missed() / ALIKE))
                .thenComparing(placement -> placement.changes().size())
                .thenComparing(placement -> placement.fit().missed()));
        List<Found.RuledOut> ruledOut = refusals.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed().thenComparing(Map.Entry::getKey))
                .limit(3)
                .map(entry -> new Found.RuledOut(entry.getKey(), entry.getValue()))
                .toList();
        return new Found(placements, ruledOut, evaluated.get(), share);
    }

    /** What comes of each, in their order. */
    private static <T> List<Candidate> each(List<T> all, Function<T, List<Candidate>> work) {
        return Cancellation.onAllCores(all, work).stream().flatMap(List::stream).toList();
    }
}
