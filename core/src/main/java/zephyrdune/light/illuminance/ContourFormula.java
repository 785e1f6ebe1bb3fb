package zephyrdune.light.illuminance;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;

/**
 * Exact illuminance from a flat convex face of even Lambertian luminance, in any pose, with nothing in the way.
 *
 * <p>Lambert's contour formula (J. H. Lambert, Photometria, 1760): {@code E = (L/2) sum(beta_i Gamma_i . n)}, where
 * beta_i is the angle that edge i subtends at the point and Gamma_i the unit normal of the plane through the point and
 * the edge. The part of the face below the receiver's horizon is cut off first: the edges are walked once, and where
 * they pass under the horizon the gap is closed along it.
 */
public final class ContourFormula implements Illuminance {

    private final double luminance;
    private final double frontX;
    private final double frontY;
    private final double frontZ;
    private final double frontOffset;
    private final double[] corners;

    private ContourFormula(EmittingFace face, List<Vector3D> points) {
        luminance = face.luminance();
        Vector3D front = face.front();
        frontX = front.getX();
        frontY = front.getY();
        frontZ = front.getZ();
        frontOffset = front.dot(face.centre());
        corners = new double[3 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            corners[3 * i] = points.get(i).getX();
            corners[3 * i + 1] = points.get(i).getY();
            corners[3 * i + 2] = points.get(i).getZ();
        }
    }

    /** For a face with corners. */
    static ContourFormula of(EmittingFace face) {
        return new ContourFormula(face, face.corners(0));
    }

    /** For a flat convex part of a face, its corners clockwise as seen from the lit side. */
    public static ContourFormula ofPart(EmittingFace face, List<Vector3D> corners) {
        return new ContourFormula(face, corners);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        if (frontX * px + frontY * py + frontZ * pz <= frontOffset) {
            return 0;
        }
        return Math.max(0, luminance * ofUnit(corners, px, py, pz, nx, ny, nz));
    }

    /**
     * Illuminance from a flat convex polygon of luminance 1 whose lit side the place sees.
     *
     * @param corners x, y and z in turn, clockwise as seen from the lit side
     */
    static double ofUnit(double[] corners, double px, double py, double pz, double nx, double ny, double nz) {
        if (corners.length == 0) {
            return 0;
        }
        int last = corners.length - 3;
        double ax = corners[last] - px;
        double ay = corners[last + 1] - py;
        double az = corners[last + 2] - pz;
        double aHeight = ax * nx + ay * ny + az * nz;
        double sum = 0;
        // where the outline dips under the horizon and where it comes up again
        double downX = 0;
        double downY = 0;
        double downZ = 0;
        double upX = 0;
        double upY = 0;
        double upZ = 0;
        boolean dips = false;
        for (int i = 0; i < corners.length; i += 3) {
            double bx = corners[i] - px;
            double by = corners[i + 1] - py;
            double bz = corners[i + 2] - pz;
            double bHeight = bx * nx + by * ny + bz * nz;
            if (aHeight >= 0 && bHeight >= 0) {
                sum += edge(ax, ay, az, bx, by, bz, nx, ny, nz);
            } else if (aHeight >= 0 || bHeight >= 0) {
                double share = aHeight / (aHeight - bHeight);
                double hx = ax + share * (bx - ax);
                double hy = ay + share * (by - ay);
                double hz = az + share * (bz - az);
                if (aHeight >= 0) {
                    sum += edge(ax, ay, az, hx, hy, hz, nx, ny, nz);
                    downX = hx;
                    downY = hy;
                    downZ = hz;
                } else {
                    sum += edge(hx, hy, hz, bx, by, bz, nx, ny, nz);
                    upX = hx;
                    upY = hy;
                    upZ = hz;
                }
                dips = true;
            }
            ax = bx;
            ay = by;
            az = bz;
            aHeight = bHeight;
        }
        if (dips) {
            sum += edge(downX, downY, downZ, upX, upY, upZ, nx, ny, nz);
        }
        return sum / 2;
    }

    /** beta Gamma . n of one edge: the angle from cross and dot keeps full accuracy for any angle. */
    static double edge(
            double ax, double ay, double az, double bx, double by, double bz, double nx, double ny, double nz) {
        double cx = ay * bz - az * by;
        double cy = az * bx - ax * bz;
        double cz = ax * by - ay * bx;
        double cross = Math.sqrt(cx * cx + cy * cy + cz * cz);
        if (cross == 0) {
            return 0;
        }
        double angle = Angle.of(cross, ax * bx + ay * by + az * bz);
        return angle / cross * (cx * nx + cy * ny + cz * nz);
    }
}
