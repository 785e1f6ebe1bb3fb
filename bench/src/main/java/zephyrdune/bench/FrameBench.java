package zephyrdune.bench;

import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.FrameReading;
import zephyrdune.answers.frame.ProposedPatches;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.set.TableSet;

/** A test frame that is open already: where its patches lie, and what they tell beside what is predicted; on all cores. */
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class FrameBench extends Timed {

    @Param({"CHOWDER", "CORDIAL", "SHAPED"})
    private DemoSet demo;

    private TableSet set;
    private Picture frame;
    private List<FramePatch> patches;

    @Setup
    public void take() {
        set = demo.set();
        frame = SmallPicture.of(new Switched(set, Set.of()), 900, 2);
        patches = ProposedPatches.of(set);
    }

    @Benchmark
    public List<FramePatch> proposed() {
        return ProposedPatches.of(set);
    }

    @Benchmark
    public FrameReading read() {
        return FrameReading.of(set, set, new FrameFile(frame, CameraSettings.UNTOLD), patches);
    }
}
