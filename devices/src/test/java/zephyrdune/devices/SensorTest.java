package zephyrdune.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Picture;

public class SensorTest {

    private static final int SIDE = 400;

    private static Picture even(double linear) {
        float[] all = new float[3 * SIDE * SIDE];
        Arrays.fill(all, (float) linear);
        return new Picture(SIDE, SIDE, all);
    }

    private static double mean(Picture frame) {
        double sum = 0;
        for (float value : frame.linear()) {
            sum += value;
        }
        return sum / frame.linear().length;
    }

    private static double variance(Picture frame) {
        double mean = mean(frame);
        double sum = 0;
        for (float value : frame.linear()) {
            sum += (value - mean) * (value - mean);
        }
        return sum / (frame.linear().length - 1);
    }

    /**
     * Photon transfer (J. Janesick, Photon Transfer, SPIE Press 2007): over evenly lit frames variance against mean is a straight line, whose slope is one over
     * the electrons for a value of 1, and which begins at the noise of reading out.
     */
    @Test
    public void varianceGrowsWithTheMean() {
        Sensor sensor = new Sensor(20_000, 12, 0);
        List<double[]> points = new ArrayList<>();
        for (double level = 0.02; level < 0.7; level += 0.04) {
            Picture frame = sensor.record(even(level), 100, 1, new Random((long) (1e6 * level)));
            points.add(new double[] {mean(frame), variance(frame)});
        }
        double x = points.stream().mapToDouble(point -> point[0]).average().orElseThrow();
        double y = points.stream().mapToDouble(point -> point[1]).average().orElseThrow();
        double xx = points.stream()
                .mapToDouble(point -> (point[0] - x) * (point[0] - x))
                .sum();
        double xy = points.stream()
                .mapToDouble(point -> (point[0] - x) * (point[1] - y))
                .sum();
        double slope = xy / xx;
        double start = y - slope * x;
        assertThat(1 / slope).isCloseTo(20_000, within(400.0));
        assertThat(Math.sqrt(Math.max(0, start)) * 20_000).isCloseTo(12, within(1.0));
        assertThat(points)
                .allSatisfy(point -> assertThat(point[1]).isCloseTo(start + slope * point[0], withinPercentage(1)));
    }

    /** Four times the speed is a quarter of the photons. */
    @Test
    public void fasterIsNoisier() {
        Sensor sensor = new Sensor(20_000, 0, 0);
        double slow = variance(sensor.record(even(0.2), 100, 1, new Random(3)));
        double fast = variance(sensor.record(even(0.2), 400, 1, new Random(4)));
        assertThat(fast / slow).isCloseTo(4, within(0.1));
    }

    @Test
    public void theLensIsDarkerInItsCornersAndNothingIsBeyondWhite() {
        Sensor sensor = new Sensor(1e9, 0, 0.5);
        Picture frame = sensor.record(even(0.4), 100, 1, new Random(5));
        assertThat(frame.at(SIDE / 2, SIDE / 2, 1)).isCloseTo(0.4, within(1e-3));
        assertThat(frame.at(0, 0, 1)).isCloseTo(0.4 / Math.sqrt(2), within(1e-3));
        assertThat(sensor.record(even(7), 100, 1, new Random(6)).linear()).containsOnly(1f);
    }
}
