package zephyrdune.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.answers.plan.StopMap;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.illuminance.PointRule;

/** All readings of a set, and the map of light over 200 x 200 points; the same map by inverse square is the baseline. */
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class SetBench extends Timed {

    private static final int SIDE = 200;
    private static final double REACH = 1.25;

    @Param
    private DemoLight light;

    private Dragged set;
    private EmittingFace face;
    private KeyLight key;

    @Setup
    public void layTheTable() {
        set = new Dragged(light.set());
        face = EmittingFace.of(light.set());
        key = KeyLight.of(light.set(), Illuminance.COARSE);
    }

    @Benchmark
    public List<Reading> allReadings() {
        return Readings.of(set.next());
    }

    @Benchmark
    public StopMap map() {
        return StopMap.of(key, REACH, SIDE);
    }

    @Benchmark
    public double mapByInverseSquare() {
        double sum = 0;
        double step = 2 * REACH / (SIDE - 1);
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                sum += PointRule.at(
                        face, Vector3D.of(-REACH + column * step, -REACH + row * step, 0), Vector3D.Unit.PLUS_Z);
            }
        }
        return sum;
    }
}
