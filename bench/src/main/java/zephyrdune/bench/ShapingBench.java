package zephyrdune.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.answers.fill.Fill;
import zephyrdune.answers.finding.Finding;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.Readings;
import zephyrdune.answers.shadow.ShadowDepth;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.TableSet;

/** What cards, flags and patterns cost: all readings with ten of them (target 15 ms), and without any as the baseline. */
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ShapingBench extends Timed {

    @Param({"CHOWDER", "SHAPED", "TEN_SHAPERS"})
    private DemoSet demo;

    private TableSet set;

    @Setup
    public void layTheTable() {
        set = demo.set();
    }

    @Benchmark
    public List<Reading> allReadings() {
        return Readings.of(set);
    }

    /** Light on the hero, under a pattern looked for in 61 places. */
    @Benchmark
    public double key() {
        return KeyLight.of(set).heroIlluminance();
    }

    @Benchmark
    public Optional<Fill> fill() {
        return Fill.of(set, KeyLight.of(set));
    }

    @Benchmark
    public Optional<ShadowDepth> shadowDepth() {
        return ShadowDepth.of(set, KeyLight.of(set));
    }

    /** Asked for when the set has come to rest. */
    @Benchmark
    public List<Finding> findings() {
        return Finding.of(set);
    }
}
