package zephyrdune.answers.photograph;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.hipparchus.util.FastMath;
import org.testng.annotations.Test;
import zephyrdune.answers.photograph.PhotographLine.Kind;
import zephyrdune.units.measure.Stops;

/** Photographs of sets whose light is known, read by marks alone. */
public class PhotographReadingTest {

    /** How many are drawn: -Dphotographs=60 prints the whole table. */
    private static final int COUNT = Integer.getInteger("photographs", 5);

    private static final int WIDTH = 720;

    @Test
    public void theLightIsReadBack() {
        List<Double> clocks = new ArrayList<>();
        List<Double> heights = new ArrayList<>();
        List<Double> sizes = new ArrayList<>();
        List<Double> tones = new ArrayList<>();
        int sure = 0;
        for (int seed = 1; seed <= COUNT; seed++) {
            RenderedPhotograph photograph = RenderedPhotograph.of(seed, WIDTH, 6);
            PhotographReading reading = PhotographReading.of(photograph.read(), photograph.marks());
            var light = photograph.set().light();
            double trueSize = light.face().across() / light.distance();
            Estimate clock = told(reading, Kind.CLOCK);
            Estimate height = told(reading, Kind.HEIGHT);
            double round = FastMath.IEEEremainder(clock.value() - light.clock(), 2 * Math.PI);
            double up = height.value() - light.heightAngle();
            clocks.add(Math.toDegrees(Math.abs(round)));
            heights.add(Math.toDegrees(Math.abs(up)));
            sure += Math.abs(round) < 2 * clock.spread() ? 1 : 0;
            sure += Math.abs(up) < 2 * height.spread() ? 1 : 0;
            line(reading, Kind.SIZE).estimate().ifPresent(size -> sizes.add(Math.abs(size.value() / trueSize - 1)));
            // where the lit table is clipped it is told by the shadow's edge instead
            if (line(reading, Kind.SHADOW_DEPTH).note().isEmpty()) {
                tones.add(Math.abs(told(reading, Kind.SHADOW_DEPTH).value() - trueDepth(photograph)));
            }
            if (COUNT > 10) {
                System.out.printf(
                        "%2d clock %+5.1f (%4.1f) height %+5.1f (%4.1f) size %s of %.2f %s%n",
                        seed,
                        Math.toDegrees(round),
                        Math.toDegrees(clock.spread()),
                        Math.toDegrees(up),
                        Math.toDegrees(height.spread()),
                        line(reading, Kind.SIZE)
                                .estimate()
                                .map(size -> "%.2f".formatted(size.value()))
                                .orElse("-"),
                        trueSize,
                        reading.troubles());
            }
        }
        if (COUNT > 10) {
            System.out.printf(
                    "medians: clock %.1f, height %.1f, size %.1f %% of %d, worst tone of %d %.2f; within two spreads %.0f %%%n",
                    median(clocks),
                    median(heights),
                    100 * median(sizes),
                    sizes.size(),
                    tones.size(),
                    Collections.max(tones),
                    100.0 * sure / (2 * COUNT));
        }
        assertThat(median(clocks)).isLessThan(5);
        assertThat(median(heights)).isLessThan(4);
        assertThat(sizes).hasSizeGreaterThan(COUNT / 2);
        assertThat(median(sizes)).isLessThan(0.15);
        assertThat(tones).allMatch(off -> off < 0.1);
    }

    private static PhotographLine line(PhotographReading reading, Kind kind) {
        return reading.lines().stream()
                .filter(line -> line.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Estimate told(PhotographReading reading, Kind kind) {
        return line(reading, kind).estimate().orElseThrow(() -> new AssertionError(reading.troubles()));
    }

    /** By the picture before it was a file. */
    private static double trueDepth(RenderedPhotograph photograph) {
        List<ToneSpot> spots = photograph.marks().spots();
        double lit = mean(photograph, spots.get(0).mark());
        double shaded = mean(photograph, spots.get(1).mark());
        return Stops.between(lit, shaded);
    }

    private static double mean(RenderedPhotograph photograph, Mark mark) {
        int column = (int) (mark.across() * WIDTH);
        int row = (int) (mark.down() * photograph.linear().height());
        double sum = 0;
        for (int y = row - 6; y <= row + 6; y++) {
            for (int x = column - 6; x <= column + 6; x++) {
                sum += photograph
                        .linear()
                        .luminance(Math.max(0, Math.min(photograph.linear().height() - 1, y)) * WIDTH
                                + Math.max(0, Math.min(WIDTH - 1, x)));
            }
        }
        return sum / 169;
    }

    private static double median(List<Double> values) {
        double[] sorted =
                values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return Arrays.stream(sorted)
                .skip((sorted.length - 1) / 2)
                .limit(2 - sorted.length % 2)
                .average()
                .orElseThrow();
    }
}
