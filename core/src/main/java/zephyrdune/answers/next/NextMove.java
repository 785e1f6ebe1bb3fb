package zephyrdune.answers.next;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import zephyrdune.answers.finding.Finding;
import zephyrdune.answers.look.Fit;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.sampling.Sureness;

/**
 * One change that brings a set nearer to its look.
 *
 * @param action what is changed and how far, in a few words
 * @param set after it
 * @param before where the set lies in its look's bands now
 * @param after where it lies then
 * @param mended how many findings are gone then that spoil any picture
 * @param makeUp stops that the light's power has to go up to keep the exposure
 */
public record NextMove(Kind kind, String action, TableSet set, Fit before, Fit after, long mended, double makeUp) {

    /** What is changed; of two that help alike the one that is named first costs less. */
    public enum Kind {
        TURN,
        HEIGHT,
        DISTANCE,
        CARD_DISTANCE,
        CARD_OUT,
        CARD_IN,
        SHAPER,
        CUT,
        BASE,
        BACKDROP,
        ROOM,
        CAMERA
    }

    /** As many at once as somebody can weigh. */
    public static final int FEW = 3;

    /** A change that helps less than this is not worth a walk to the light: of a band that is quite wrong. */
    private static final double WORTH = 0.1;

    /** So many are looked at in full. */
    private static final int LIKELY = 4;

    /** A picture that is spoiled is of no use, however near to its look it would be: so many bands. */
    private static final double SPOILED = 5;

    /** How much nearer it comes: of what is missed, as {@link Fit#missed()} counts it, and what spoiled the picture as much as five bands. */
    public double gain() {
        return before.missed() - after.missed() + SPOILED * mended;
    }

    /**
     * The changes that help most, one of a kind, the best first, but for a card where somebody fills by habit; none where the set has its look,
     * or no single change brings it nearer.
     */
    public static List<NextMove> of(TableSet set, NamedLook look, Means means) {
        Cancellation.Aside<Set<Finding.Kind>> spoiling = Cancellation.aside(() -> spoiling(set));
        Fit before = Fit.of(set, look, Sureness.AT_REST);
        Set<Finding.Kind> spoiled = spoiling.outcome();
        if (before.misses().isEmpty()) {
            return List.of();
        }
        boolean habit = means.schools().fill() == Schools.Fill.BY_HABIT;
        Comparator<NextMove> byGain = Comparator.comparingDouble(NextMove::gain).reversed();
        List<Trial> trials = ranked(set, look, before, means, spoiled);
        return Cancellation.onAllCores(trials, trial -> move(set, look, before, spoiled, trial)).stream()
                .flatMap(Optional::stream)
                .filter(move -> move.gain() > WORTH)
                .sorted(Comparator.<NextMove, Boolean>comparing(move -> !(habit && move.kind == Kind.CARD_IN))
                        .thenComparing(byGain))
                .limit(FEW)
                .toList();
    }

    /** What a change must not bring about. */
    private static Set<Finding.Kind> spoiling(TableSet set) {
        return Finding.present(set, Finding.Kind.allRuinous()).keySet();
    }

    /** Nothing where it would spoil what was well before. */
    private static Optional<NextMove> move(
            TableSet set, NamedLook look, Fit before, Set<Finding.Kind> spoiled, Trial trial) {
        Set<Finding.Kind> then = spoiling(trial.set());
        if (!spoiled.containsAll(then)) {
            return Optional.empty();
        }
        return Optional.of(new NextMove(
                trial.kind(),
                trial.action(),
                trial.set(),
                before,
                Fit.of(trial.set(), look, Sureness.AT_REST),
                spoiled.size() - then.size(),
                MeteredExposure.toMakeUp(set, trial.set())));
    }

    /** The best trial of each kind by a quick look, the best first. */
    private static List<Trial> ranked(
            TableSet set, NamedLook look, Fit before, Means means, Set<Finding.Kind> spoiled) {
        ToDoubleFunction<Trial> missed = trial -> missed(trial, look, spoiled);
        Trials trials = new Trials(set, look, before, means);
        List<Supplier<Optional<Seen>>> work = new ArrayList<>();
        for (Slide slide : trials.slides()) {
            work.add(() -> slide.roughly(missed).map(Seen::of));
        }
        for (Supplier<Optional<Trial>> single : trials.singles()) {
            work.add(() -> single.get().map(trial -> new Seen(trial, missed.applyAsDouble(trial), Optional.empty())));
        }
        List<Seen> firsts = best(Cancellation.onAllCores(work, Supplier::get).stream()
                .flatMap(Optional::stream)
                .toList());
        List<Seen> likely = firsts.subList(0, Math.min(LIKELY, firsts.size()));
        return best(Cancellation.onAllCores(likely, seen -> seen.exactly(missed))).stream()
                .map(Seen::trial)
                .toList();
    }

    /** The best of each kind, the best first. */
    private static List<Seen> best(List<Seen> all) {
        List<Seen> best = new ArrayList<>();
        all.stream()
                .sorted(Comparator.comparingDouble(Seen::missed)
                        .thenComparing(each -> each.trial().kind()))
                .filter(each -> best.stream()
                        .noneMatch(other -> other.trial().kind() == each.trial().kind()))
                .forEach(best::add);
        return best;
    }

    private static double missed(Trial trial, NamedLook look, Set<Finding.Kind> spoiled) {
        Cancellation.check();
        int still = Finding.present(trial.set(), spoiled, Sureness.ROUGH).size();
        return Fit.of(trial.set(), look, Sureness.ROUGH).missed() + SPOILED * still;
    }

    /** A trial, what it misses by a quick look, and what can be changed further. */
    private record Seen(Trial trial, double missed, Optional<Slide.Found> slid) {

        static Seen of(Slide.Found found) {
            return new Seen(found.trial(), found.measure(), Optional.of(found));
        }

        Seen exactly(ToDoubleFunction<Trial> missed) {
            return slid.map(found -> of(found.exactly(missed))).orElse(this);
        }
    }
}
