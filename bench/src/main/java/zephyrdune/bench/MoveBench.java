package zephyrdune.bench;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.move.Move;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.TableSet;

/** How long it takes to find where the light has to go: for a softer edge, which is exact, and for more contrast, which is sampled. */
@State(Scope.Benchmark)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class MoveBench {

    @Param({"CHOWDER", "SHAPED", "TEN_SHAPERS"})
    private DemoSet demo;

    private TableSet set;
    private Dragged dragged;
    private double edge;
    private double contrast;

    @Setup
    public void layTheTable() {
        set = demo.set();
        dragged = new Dragged(set);
        edge = 1.3 * read(ReadingKind.TIP_EDGE);
        contrast = 0.3 + read(ReadingKind.LIT_TO_SHADOW);
    }

    private double read(ReadingKind kind) {
        return Readings.of(set, kind).value().orElseThrow();
    }

    @Benchmark
    public Optional<Move> softer() {
        return Move.find(dragged.next(), ReadingKind.TIP_EDGE, edge, Lever.LIGHT_DISTANCE);
    }

    @Benchmark
    public Optional<Move> fuller() {
        return Move.find(dragged.next(), ReadingKind.LIT_TO_SHADOW, contrast, Lever.LIGHT_DISTANCE);
    }
}
