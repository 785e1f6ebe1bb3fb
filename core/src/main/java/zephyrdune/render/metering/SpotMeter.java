package zephyrdune.render.metering;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.sampling.Turn;

/** A meter at the camera that reads how bright a degree round a point looks, whatever is seen there. */
final class SpotMeter {

    /** Half of its angle of acceptance: a degree across is usual (common practice, no published source). */
    static final double HALF_ANGLE = Math.toRadians(0.5);

    private static final SampleBudget EFFORT =
            new SampleBudget(SampleBudget.USUAL.shadowRays(), 1, SampleBudget.USUAL.reflections(), true);
    private static final int SEED = 3141;

    /** Looks in one round. */
    private static final int SAMPLES = 64;

    private static final double GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

    /** What is seen nearer than the point by more than this stands before it, metres. */
    private static final double NEARER = 0.004;

    private final Scene scene;
    private final Tracer tracer;
    private final Vector3D eye;
    private final Vector3D way;
    private final double distance;
    private final Hit hit = new Hit();

    SpotMeter(TableSet set, Scene scene, Vector3D point) {
        this.scene = scene;
        tracer = new Tracer(scene, EFFORT);
        eye = Perspective.of(set).eye();
        Vector3D line = point.subtract(eye);
        distance = line.norm();
        way = line.normalize();
    }

    /** Mean luminance of every layer in the circle by one round of samples, red, green and blue in turn, for lights and a room of luminance 1. */
    double[] round(int round) {
        double[] mean = new double[tracer.out.length];
        Vector3D across = way.orthogonal();
        Vector3D up = way.cross(across);
        double radius = Math.tan(HALF_ANGLE);
        double width = radius * Math.sqrt(Math.PI / SAMPLES);
        for (int i = 0; i < SAMPLES; i++) {
            Cancellation.check();
            double out = radius * Math.sqrt((i + 0.5) / SAMPLES);
            double turn = i * GOLDEN_ANGLE / (2 * Math.PI) % 1;
            Vector3D along = way.add(across.multiply(out * Turn.cosine(turn)))
                    .add(up.multiply(out * Turn.sine(turn)))
                    .normalize();
            // one row of numbers for all looks, as it is evenly spread
            tracer.trace(ray(along), SEED, round * SAMPLES + i, width);
            for (int k = 0; k < mean.length; k++) {
                mean[k] += tracer.out[k] / SAMPLES;
            }
        }
        return mean;
    }

    /** What is seen at the point. */
    MeterSight sight() {
        int owner = scene.meet(ray(way), hit);
        if (owner < 0) {
            return MeterSight.NOTHING;
        }
        if (hit.distance < distance - NEARER) {
            return MeterSight.HIDDEN;
        }
        return hit.material.clear() ? MeterSight.GLASS : MeterSight.SURFACE;
    }

    private Ray ray(Vector3D along) {
        Ray ray = new Ray();
        ray.set(eye.getX(), eye.getY(), eye.getZ(), along.getX(), along.getY(), along.getZ());
        return ray;
    }
}
