package zephyrdune.light.emitter;

import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Distribution;

/** Faces for tests. */
public final class Faces {

    private Faces() {}

    /** Even, Lambertian, of luminance 1. */
    public static EmittingFace even(Outline outline, Vector3D centre, Vector3D acrossHalf, Vector3D upHalf) {
        return new EmittingFace(outline, centre, acrossHalf, upHalf, 1, Evenness.EVEN, CosinePower.LAMBERTIAN);
    }

    public static EmittingFace rectangle(Vector3D centre, Vector3D acrossHalf, Vector3D upHalf) {
        return even(Outline.RECTANGLE, centre, acrossHalf, upHalf);
    }

    /** Level at height h over (x, y), facing down. */
    public static EmittingFace discOverhead(double x, double y, double h, double radius) {
        return even(Outline.DISC, Vector3D.of(x, y, h), Vector3D.of(radius, 0, 0), Vector3D.of(0, radius, 0));
    }

    /** In any pose, a metre or so across; discs and octagons regular. */
    public static EmittingFace random(Random random, Outline outline, double hotSpot, Distribution distribution) {
        Vector3D front = direction(random);
        Vector3D across = front.orthogonal();
        Vector3D up = front.cross(across);
        double width = 0.05 + random.nextDouble();
        double height = outline == Outline.RECTANGLE ? 0.05 + random.nextDouble() : width;
        return new EmittingFace(
                outline,
                place(random),
                across.multiply(width),
                up.multiply(height),
                1,
                new Gaussian(hotSpot),
                distribution);
    }

    public static Vector3D place(Random random) {
        return Vector3D.of(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    }

    public static Vector3D direction(Random random) {
        return place(random).normalize();
    }
}
