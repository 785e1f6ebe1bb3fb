package zephyrdune.shoot.change;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import zephyrdune.answers.calibration.LinearGaussian;
import zephyrdune.answers.calibration.Measurement;

/** How long each kind of step takes somebody: as is usual, until changes of theirs were timed. */
public final class StepMinutes {

    /** How differently people take, as a share of what is usual, and how a change differs from one time to the next. */
    private static final double SPREAD = 0.5;

    private static final double EACH_TIME = 0.2;

    /** Nobody times closer than that, minutes. */
    private static final double TIMED_TO = 0.5;

    /** However fast somebody is, a step takes so much of what is usual. */
    private static final double LEAST = 0.1;

    public static final StepMinutes USUAL = new StepMinutes(usual());

    private final Map<ChangeKind, Double> minutes;

    private StepMinutes(Map<ChangeKind, Double> minutes) {
        this.minutes = minutes;
    }

    /** A change that was timed. */
    public record TimedChange(SetChange change, double minutes) {}

    private static Map<ChangeKind, Double> usual() {
        Map<ChangeKind, Double> usual = new EnumMap<>(ChangeKind.class);
        for (ChangeKind kind : ChangeKind.values()) {
            usual.put(kind, kind.usualMinutes());
        }
        return usual;
    }

    /** What timed changes say, all together: each is a sum of its steps. The order of them does not matter. */
    public static StepMinutes learnt(List<TimedChange> timed) {
        ChangeKind[] kinds = ChangeKind.values();
        double[] priors = Arrays.stream(kinds)
                .mapToDouble(kind -> SPREAD * kind.usualMinutes())
                .toArray();
        List<Measurement> measured =
                timed.stream().map(StepMinutes::measurement).toList();
        LinearGaussian said = LinearGaussian.of(priors, measured);
        Map<ChangeKind, Double> minutes = new EnumMap<>(ChangeKind.class);
        for (ChangeKind kind : kinds) {
            double usual = kind.usualMinutes();
            minutes.put(kind, Math.max(LEAST * usual, usual + said.mean(kind.ordinal())));
        }
        return new StepMinutes(minutes);
    }

    private static Measurement measurement(TimedChange timed) {
        double[] slopes = new double[ChangeKind.values().length];
        timed.change().steps().forEach(step -> slopes[step.kind().ordinal()]++);
        double usual = USUAL.of(timed.change());
        return new Measurement(timed.minutes() - usual, slopes, Math.hypot(TIMED_TO, EACH_TIME * usual));
    }

    public double of(ChangeKind kind) {
        return minutes.get(kind);
    }

    public double of(SetChange change) {
        return change.steps().stream().mapToDouble(step -> of(step.kind())).sum();
    }
}
