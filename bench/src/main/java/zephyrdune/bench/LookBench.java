package zephyrdune.bench;

import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import zephyrdune.answers.look.Fit;
import zephyrdune.answers.next.Means;
import zephyrdune.answers.next.NextMove;
import zephyrdune.answers.next.Schools;
import zephyrdune.answers.search.Found;
import zephyrdune.answers.search.Search;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.look.NamedLook;
import zephyrdune.set.look.ReadyLooks;
import zephyrdune.units.sampling.Sureness;

/** A look judged, the next moves, and a whole search with every ready-made piece in the kit. */
@State(Scope.Benchmark)
@Fork(1)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class LookBench {

    @Param({"CHOWDER", "SHAPED"})
    private DemoSet demo;

    private Dragged set;
    private final NamedLook look = ReadyLooks.all().get(0);
    private final Means means = new Means(ReadyMade.kit(), Set.of(), Schools.USUAL);

    @Setup
    public void lay() {
        set = new Dragged(demo.set());
    }

    @Benchmark
    public Fit judged() {
        return Fit.of(set.next(), look, Sureness.AT_ONCE);
    }

    @Benchmark
    public List<NextMove> nextMoves() {
        return NextMove.of(set.next(), look, means);
    }

    @Benchmark
    public Found search() {
        return new Search(set.next(), look, means, 1, () -> {}).run(found -> {});
    }
}
