package zephyrdune.render.picture;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.TableSet;
import zephyrdune.units.sampling.Sobol;

/** The rays of a camera's pixels; through the middle of the lens, or through all of it so that depth is out of focus. */
final class CameraRays {

    private static final int PIXEL = 0;
    private static final int LENS = 1;
    private static final double MIDDLE = 0.5;

    private final double[] eye;
    private final double[] forward;
    private final double[] right;
    private final double[] up;
    private final double focus;
    private final double lensRadius;
    private final int width;
    private final int height;
    private final boolean centred;

    /**
     * @param deep whether the lens is as wide as its aperture makes it; otherwise everything is sharp
     * @param centred whether rays go through the middle of their pixels, not anywhere
     */
    CameraRays(TableSet set, int width, int height, boolean deep, boolean centred) {
        Perspective view = Perspective.of(set);
        eye = view.eye().toArray();
        forward = view.forward().toArray();
        right = view.rightHalf().toArray();
        up = view.upHalf().toArray();
        focus = set.camera().subjectDistance();
        lensRadius = deep ? set.camera().focalLength() / set.exposure().exactAperture() / 2 : 0;
        this.width = width;
        this.height = height;
        this.centred = centred;
    }

    static int seed(int column, int row) {
        return Sobol.seed(column, row + 0x51ed270b);
    }

    /** Width of a pixel at unit distance. */
    double spread() {
        return 2 * Vector3D.of(right[0], right[1], right[2]).norm() / width;
    }

    /** Sets a ray through a place of a pixel, picked by the sample's index. */
    void aim(int column, int row, int index, Ray ray) {
        int seed = Sobol.seed(seed(column, row), PIXEL);
        int shuffled = Sobol.shuffled(index, seed);
        double across = 2 * (column + (centred ? MIDDLE : Sobol.first(shuffled, seed))) / width - 1;
        double upwards = 1 - 2 * (row + (centred ? MIDDLE : Sobol.second(shuffled, seed))) / height;
        double dx = forward[0] + across * right[0] + upwards * up[0];
        double dy = forward[1] + across * right[1] + upwards * up[1];
        double dz = forward[2] + across * right[2] + upwards * up[2];
        double sideways = 0;
        double upright = 0;
        if (lensRadius > 0) {
            int lens = Sobol.seed(seed(column, row), LENS);
            int at = Sobol.shuffled(index, lens);
            double radius = lensRadius * Math.sqrt(Sobol.first(at, lens));
            double turn = 2 * Math.PI * Sobol.second(at, lens);
            sideways = radius * Math.cos(turn) / norm(right);
            upright = radius * Math.sin(turn) / norm(up);
        }
        double ox = sideways * right[0] + upright * up[0];
        double oy = sideways * right[1] + upright * up[1];
        double oz = sideways * right[2] + upright * up[2];
        dx -= ox / focus;
        dy -= oy / focus;
        dz -= oz / focus;
        double length = Math.sqrt(dx * dx + dy * dy + dz * dz);
        ray.set(eye[0] + ox, eye[1] + oy, eye[2] + oz, dx / length, dy / length, dz / length);
    }

    private static double norm(double[] vector) {
        return Math.sqrt(vector[0] * vector[0] + vector[1] * vector[1] + vector[2] * vector[2]);
    }
}
