package zephyrdune.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.ReadyMade;

/** From source to face: how long every kind of ready-made chain takes to resolve; the evenly lit face is the baseline. */
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ChainBench extends Timed {

    @Param({
        "Bare head",
        "Softbox 60 × 60, one baffle",
        "Softbox 60 × 60, two baffles",
        "Octagon 90, two baffles",
        "Diffuser panel 100 × 100",
        "Off a curtain",
        "Off the ceiling",
        "Book light: board, then cloth",
        "Snoot"
    })
    String shaper;

    private TableSet set;

    @Setup
    public void put() {
        TableSet demo = DemoSet.CHOWDER.set();
        set = demo.withRoom(ReadyMade.kit().places().get(0).room())
                .withLight(ReadyMade.kit().shapers().stream()
                        .filter(one -> one.name().equals(shaper))
                        .findFirst()
                        .orElseThrow()
                        .on(demo.light().withDistance(1.2).withHeightAngle(1.1)));
    }

    @Benchmark
    public double resolve() {
        return EmittingFace.of(set).flux();
    }
}
