package zephyrdune.answers.photograph;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.measure.Refused;

/** The look of one photograph, or of several that somebody made: the median of each aspect, and how far they lie apart. */
public final class UsualLook {

    /** From the median absolute deviation to the standard deviation of a Gaussian. */
    private static final double GAUSSIAN = 1.4826;

    private UsualLook() {}

    /**
     * Bands as wide as what one begins to mind, or as the photographs differ.
     *
     * @throws Refused where nothing could be read
     */
    public static NamedLook of(List<PhotographReading> readings, String title) {
        List<Band> bands = new ArrayList<>();
        for (PhotographLine.Kind kind : PhotographLine.Kind.values()) {
            double[] values = values(readings, kind);
            if (values.length > 0 && kind.aspect().isPresent()) {
                double median = median(values);
                double apart = GAUSSIAN
                        * median(Arrays.stream(values)
                                .map(value -> Math.abs(kind.aspect().get().steps(median, value)))
                                .toArray());
                bands.add(kind.aspect().get().round(median, Math.max(1, apart)));
            }
        }
        if (bands.isEmpty()) {
            throw new Refused(
                    "marks", "Nothing is read of this photograph yet; mark the table, a shadow or a tone first");
        }
        String many = readings.size() == 1 ? "one photograph" : readings.size() + " photographs";
        return new NamedLook(title, "As read from " + many, "What is to match it", bands);
    }

    private static double[] values(List<PhotographReading> readings, PhotographLine.Kind kind) {
        return readings.stream()
                .flatMap(reading -> reading.lines().stream())
                .filter(line -> line.kind() == kind)
                .flatMapToDouble(line -> line.inLook().stream())
                .toArray();
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
