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

    private Dragged set;

    @Setup
    public void layTheTable() {
        set = new Dragged(demo.set());
    }

    @Benchmark
    public List<Reading> allReadings() {
        return Readings.of(set.next());
    }

    /** Light on the hero, under a pattern looked for in 61 places. */
    @Benchmark
    public double key() {
        return KeyLight.of(set.next()).heroIlluminance();
    }

    @Benchmark
    public Optional<Fill.Light> fill() {
        TableSet now = set.next();
        return Fill.of(now, KeyLight.of(now)).map(Fill::bare);
    }

    @Benchmark
    public Optional<ShadowDepth> shadowDepth() {
        TableSet now = set.next();
        return ShadowDepth.of(now, KeyLight.of(now));
    }

    /** Asked for when the set has come to rest. */
    @Benchmark
    public List<Finding> findings() {
        return Finding.of(set.next());
    }
}
