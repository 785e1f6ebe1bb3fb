package zephyrdune.answers.next;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.ToDoubleFunction;

/**
 * Something that can be changed by so many steps either way.
 *
 * @param coarse steps of the first look to either side
 * @param most steps it can go
 * @param trial the change by so many steps; nothing where that cannot be
 */
record Slide(int coarse, int most, IntFunction<Optional<Trial>> trial) {

    /** A first look goes so often twice as far. */
    private static final int FARTHER = 2;

    /** The best of a few places to either side. */
    Optional<Found> roughly(ToDoubleFunction<Trial> measure) {
        Walk walk = new Walk(measure);
        int at = walk.at(coarse) <= walk.at(-coarse) ? coarse : -coarse;
        for (int times = 0; times < FARTHER && Math.abs(2 * at) <= most && walk.at(2 * at) < walk.at(at); times++) {
            at *= 2;
        }
        return walk.found(at);
    }

    /**
     * A trial and what it measures.
     *
     * @param steps by which it is changed
     */
    record Found(Slide slide, int steps, Trial trial, double measure) {

        /** The best between it and its neighbours of the first look; of two alike the shorter way. */
        Found exactly(ToDoubleFunction<Trial> measure) {
            Walk walk = slide.new Walk(measure);
            walk.knows(this);
            int at = steps;
            for (int step = Math.max(1, Math.abs(at) / 2); step >= 1; step /= 2) {
                int nearer = at - Integer.signum(at) * step;
                int farther = at + Integer.signum(at) * step;
                if (nearer != 0 && walk.at(nearer) <= walk.at(at)) {
                    at = nearer;
                } else if (Math.abs(farther) <= slide.most && walk.at(farther) < walk.at(at)) {
                    at = farther;
                }
            }
            return walk.found(at).orElse(this);
        }
    }

    /** What was tried already. */
    private final class Walk {

        private final ToDoubleFunction<Trial> measure;
        private final Map<Integer, Optional<Trial>> trials = new HashMap<>();
        private final Map<Integer, Double> measured = new HashMap<>();

        Walk(ToDoubleFunction<Trial> measure) {
            this.measure = measure;
        }

        void knows(Found found) {
            trials.put(found.steps, Optional.of(found.trial));
            measured.put(found.steps, found.measure);
        }

        double at(int steps) {
            Double known = measured.get(steps);
            if (known == null) {
                Optional<Trial> there = steps == 0 ? Optional.empty() : trial.apply(steps);
                trials.put(steps, there);
                known = there.map(measure::applyAsDouble).orElse(Double.POSITIVE_INFINITY);
                measured.put(steps, known);
            }
            return known;
        }

        Optional<Found> found(int steps) {
            double measure = at(steps);
            return trials.get(steps).map(trial -> new Found(Slide.this, steps, trial, measure));
        }
    }
}
