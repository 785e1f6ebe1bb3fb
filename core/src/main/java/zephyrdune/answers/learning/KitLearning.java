package zephyrdune.answers.learning;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import zephyrdune.answers.calibration.LinearGaussian;
import zephyrdune.answers.calibration.Measurement;
import zephyrdune.answers.kit.KitNumber;
import zephyrdune.answers.kit.KitNumbers;
import zephyrdune.answers.kit.Stated;
import zephyrdune.set.TableSet;

/**
 * What the frames of a kit say of its numbers together: each number starts from what is stated of it where it comes first, with the spread that pieces of its kind
 * have, and every patch of every frame is a measurement of a sum of them. Which frame comes before which does not matter, but for what counts as stated first.
 *
 * <p>A frame that all the others do not bear out is held back: with one more unknown for its lights alone, or for its room alone, that unknown would lie too far from nothing
 * (a mean-shift test, as for regression: S. Weisberg, Applied Linear Regression, from memory).
 */
public final class KitLearning {

    /** Slopes change with what is found: so often they are worked out anew. */
    private static final int TIMES = 4;

    /** A frame whose own unknown lies farther from nothing than so many standard deviations is held back. */
    private static final double STRANGE = 3;

    /** So few frames say nothing of each other. */
    private static final int FEW = 2;

    /** What is off in one frame alone may be any number of stops; in the frames that are believed it is nothing. */
    private static final double ANYTHING = 10;

    private static final double NOTHING = 1e-6;

    private final List<TakenFrame> frames;
    private final Map<KitNumber, Stated> stated = new LinkedHashMap<>();
    private final List<Map<KitNumber, Stated>> statedIn = new ArrayList<>();
    private final List<KitNumber> unknowns;
    private final List<HeldFrame> held = new ArrayList<>();
    private List<FrameRows> rows = List.of();
    private List<List<Measurement>> measured = List.of();
    private LinearGaussian found;

    private KitLearning(List<TakenFrame> frames) {
        this.frames = frames;
        for (TakenFrame frame : frames) {
            Map<KitNumber, Stated> in = KitNumbers.of(frame.of(), frame.set());
            statedIn.add(in);
            in.forEach(stated::putIfAbsent);
        }
        unknowns = List.copyOf(stated.keySet());
        found = LinearGaussian.of(priors(NOTHING, NOTHING), List.of());
        settle();
    }

    /** What the frames that are believed say, worked out anew about what it was. */
    private void settle() {
        for (int i = 0; i < TIMES; i++) {
            measure();
            found = LinearGaussian.of(priors(NOTHING, NOTHING), believed());
        }
    }

    /**
     * @param frames in the order they were taken in
     * @param known whether one counts although the others do not bear it out
     */
    public static KitLearning of(List<TakenFrame> frames, IntPredicate known) {
        KitLearning learning = new KitLearning(frames);
        learning.holdBack(known);
        return learning;
    }

    private double[] priors(double light, double room) {
        double[] priors = new double[unknowns.size() + 2];
        for (int u = 0; u < unknowns.size(); u++) {
            priors[u] = stated.get(unknowns.get(u)).spread();
        }
        priors[unknowns.size()] = light;
        priors[unknowns.size() + 1] = room;
        return priors;
    }

    private void measure() {
        List<FrameRows> all = new ArrayList<>();
        List<List<Measurement>> each = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            Map<KitNumber, Stated> in = statedIn.get(i);
            FrameRows row = new FrameRows(
                    frames.get(i),
                    number -> mean(number)
                            + stated.get(number).stops()
                            - in.get(number).stops());
            all.add(row);
            each.add(row.measurements(
                    unknowns,
                    number -> in.containsKey(number)
                            ? in.get(number).stops() - stated.get(number).stops()
                            : 0));
        }
        rows = all;
        measured = each;
    }

    private double mean(KitNumber number) {
        return found.mean(unknowns.indexOf(number));
    }

    private boolean counts(int frame) {
        return held.stream().noneMatch(one -> one.frame() == frame);
    }

    /** Rows of the frames that are believed, with nothing off in one alone. */
    private List<Measurement> believed() {
        return IntStream.range(0, frames.size())
                .filter(this::counts)
                .mapToObj(measured::get)
                .flatMap(List::stream)
                .toList();
    }

    /** The strangest first, until none is left. */
    private void holdBack(IntPredicate known) {
        while (frames.size() - held.size() > FEW) {
            Optional<HeldFrame> worst = IntStream.range(0, frames.size())
                    .filter(frame -> counts(frame) && !known.test(frame))
                    .mapToObj(this::against)
                    .max(Comparator.comparingDouble(HeldFrame::times))
                    .filter(frame -> frame.times() > STRANGE);
            if (worst.isEmpty()) {
                return;
            }
            held.add(worst.get());
            settle();
        }
    }

    /** How far a frame is from what all the others say, by what would explain it best. */
    private HeldFrame against(int frame) {
        HeldFrame light = against(frame, HeldFrame.Cause.LIGHT);
        HeldFrame room = against(frame, HeldFrame.Cause.ROOM);
        return light.times() >= room.times() ? light : room;
    }

    private HeldFrame against(int frame, HeldFrame.Cause cause) {
        int column = unknowns.size() + cause.ordinal();
        List<Measurement> all = new ArrayList<>();
        for (int other = 0; other < frames.size(); other++) {
            if (other == frame) {
                all.addAll(measured.get(other));
            } else if (counts(other)) {
                measured.get(other).forEach(row -> all.add(without(row)));
            }
        }
        boolean lights = cause == HeldFrame.Cause.LIGHT;
        LinearGaussian with = LinearGaussian.of(priors(lights ? ANYTHING : NOTHING, lights ? NOTHING : ANYTHING), all);
        return new HeldFrame(frame, cause, with.mean(column), Math.abs(with.mean(column)) / with.spread(column));
    }

    /** The row of a frame in which nothing is off that is not off in all. */
    private Measurement without(Measurement row) {
        double[] slopes = Arrays.copyOf(row.slopes(), row.slopes().length);
        slopes[unknowns.size()] = 0;
        slopes[unknowns.size() + 1] = 0;
        return new Measurement(row.value(), slopes, row.spread());
    }

    public List<HeldFrame> held() {
        return List.copyOf(held);
    }

    /**
     * What is known of a set's kit now.
     *
     * @param of which set it is
     */
    public LearntKit about(Object of, TableSet now) {
        return new LearntKit(this, of, now);
    }

    List<KitNumber> unknowns() {
        return unknowns;
    }

    LinearGaussian found() {
        return found;
    }

    Optional<Stated> statedFirst(KitNumber number) {
        return Optional.ofNullable(stated.get(number));
    }

    /** Frames that say anything of a number. */
    int frames(KitNumber number) {
        return (int) IntStream.range(0, frames.size())
                .filter(frame -> counts(frame) && rows.get(frame).tells(number))
                .count();
    }
}
