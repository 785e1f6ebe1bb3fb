package zephyrdune.bench;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.PointRule;

/** Light at one point of the table, over a thousand points; the inverse-square rule is the baseline. */
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class PointBench extends Timed {

    private static final int POINTS = 1000;

    @Param
    private DemoLight light;

    private EmittingFace face;
    private Illuminance illuminance;
    private double[] places;

    @Setup
    public void spreadPoints() {
        face = EmittingFace.of(light.set());
        illuminance = Illuminance.of(face, Illuminance.FINE);
        Random random = new Random(1);
        places = random.doubles(2 * POINTS, -0.5, 0.5).toArray();
    }

    @Benchmark
    @OperationsPerInvocation(POINTS)
    public double exact() {
        double sum = 0;
        for (int i = 0; i < POINTS; i++) {
            sum += illuminance.at(places[2 * i], places[2 * i + 1], 0, 0, 0, 1);
        }
        return sum;
    }

    @Benchmark
    @OperationsPerInvocation(POINTS)
    public double inverseSquareRule() {
        double sum = 0;
        for (int i = 0; i < POINTS; i++) {
            sum += PointRule.at(face, Vector3D.of(places[2 * i], places[2 * i + 1], 0), Vector3D.Unit.PLUS_Z);
        }
        return sum;
    }
}
