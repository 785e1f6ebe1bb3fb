package zephyrdune.answers.photograph;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.EigenDecompositionSymmetric;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import zephyrdune.units.measure.Refused;

/**
 * How a circle lies whose picture is an ellipse, in closed form.
 *
 * <p>The rays of the ellipse are a cone {@code d' Q d = 0}. With the eigenvalues of Q as l1 >= l2 > 0 > l3 and their vectors e1, e2, e3, the
 * planes that cut it in circles have the normals {@code +- sqrt((l1 - l2) / (l1 - l3)) e1 +- sqrt((l2 - l3) / (l1 - l3)) e3} (K. Kanatani
 * and W. Liu, 3D interpretation of conics and orthogonality, CVGIP: Image Understanding 58, 1993; from memory). Of the two that face the camera a
 * level table has the one that leans upwards in the picture.
 */
final class RimPose {

    /** A photograph is not held more askew than this, nor is a rim. */
    private static final double MOST_ROLL = Math.toRadians(30);

    /** From here on roll cannot be told from a turn of the camera. */
    private static final double OVERHEAD = Math.toRadians(65);

    private RimPose() {}

    static TableView view(RoundRim rim, Pinhole camera) {
        List<Vector3D> rays = rim.rim().stream().map(camera::ray).toList();
        RealMatrix cone = cone(rays, camera.focal());
        Vector3D middle = rays.stream().reduce(Vector3D.ZERO, Vector3D::add).normalize();
        Vector3D up = normal(cone, middle);
        // the pole of the plane's horizon is the ray to the circle's centre
        RealVector pole = new LUDecomposition(cone).getSolver().getInverse().operate(vector(up));
        Vector3D centre = onUnitPlane(Vector3D.of(pole.getEntry(0), pole.getEntry(1), pole.getEntry(2)), up);
        double radius = rays.stream()
                .mapToDouble(ray -> onUnitPlane(ray, up).distance(centre))
                .average()
                .orElseThrow();
        double scale = rim.diameter() / 2 / radius;
        TableView view = new TableView(camera, up, centre.multiply(scale).subtract(up.multiply(rim.height())));
        if (view.elevation() < OVERHEAD && Math.abs(view.roll()) > MOST_ROLL) {
            throw new Refused(
                    "plane.rim",
                    "This is no round rim on a level table: it would lie askew by %.0f degrees. Put the marks onto the rim"
                            .formatted(Math.toDegrees(Math.abs(view.roll()))));
        }
        return view;
    }

    /** Where a ray meets the plane at unit distance below the camera. */
    private static Vector3D onUnitPlane(Vector3D ray, Vector3D up) {
        return ray.multiply(-1 / ray.dot(up));
    }

    private static RealVector vector(Vector3D point) {
        return new ArrayRealVector(point.toArray());
    }

    private static RealMatrix cone(List<Vector3D> rays, double focal) {
        return new EllipseFit(rays.stream()
                        .map(ray -> new double[] {ray.getX() / focal, ray.getY() / focal})
                        .toList())
                .conic();
    }

    static Vector3D normal(RealMatrix cone, Vector3D middle) {
        EigenDecompositionSymmetric found = new EigenDecompositionSymmetric(cone);
        double[] values = found.getEigenvalues();
        // in falling order: of an ellipse's cone, signed so that its inside is negative, two are positive
        double spread = values[0] - values[2];
        Vector3D first = eigenvector(found, 0).multiply(Math.sqrt((values[0] - values[1]) / spread));
        Vector3D last = eigenvector(found, 2).multiply(Math.sqrt((values[1] - values[2]) / spread));
        Vector3D one = facing(last.add(first), middle);
        Vector3D other = facing(last.subtract(first), middle);
        return one.getY() >= other.getY() ? one : other;
    }

    private static Vector3D eigenvector(EigenDecompositionSymmetric found, int index) {
        return Vector3D.of(found.getEigenvector(index).toArray());
    }

    private static Vector3D facing(Vector3D normal, Vector3D middle) {
        return normal.dot(middle) < 0 ? normal : normal.negate();
    }
}
