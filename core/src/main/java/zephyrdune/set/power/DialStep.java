package zephyrdune.set.power;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import zephyrdune.units.measure.Rounding;

/** The step between neighbouring marks. */
public enum DialStep {
    WHOLE(1),
    HALF(2),
    THIRD(3),
    TENTH(10);

    private final int perStop;

    DialStep(int perStop) {
        this.perStop = perStop;
    }

    /** Marks in one stop. */
    public int perStop() {
        return perStop;
    }

    /** Steps from full to the mark nearest to so many stops below it, none beyond a range. */
    int nearest(double below, double range) {
        return Math.min((int) Math.round(below * perStop), down(range));
    }

    /** Steps from full down to the end of a range. */
    private int down(double range) {
        return Rounding.down(range * perStop);
    }

    /** Every mark of a range, from full downwards. */
    List<DialMark> marks(double range, DoubleFunction<DialMark> mark) {
        return IntStream.rangeClosed(0, down(range))
                .mapToObj(steps -> mark.apply((double) steps / perStop))
                .toList();
    }

    /** So many of the steps, fewer than a stop, as it is written: "1/3", "0.7". */
    String words(int steps) {
        return this == TENTH ? "0." + steps : steps + "/" + perStop;
    }
}
