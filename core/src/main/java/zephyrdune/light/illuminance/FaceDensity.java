package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.distribution.Distribution;

/**
 * What each place of a face gives a surface element: illuminance per unit of area of the face, were the face everywhere as bright as in
 * its centre; L cos cos / d², by the face's distribution. In plain numbers, as it is asked again and again.
 */
final class FaceDensity {

    private final Distribution distribution;
    private final double luminance;
    private final double cx;
    private final double cy;
    private final double cz;
    private final double ax;
    private final double ay;
    private final double az;
    private final double ux;
    private final double uy;
    private final double uz;
    private final double fx;
    private final double fy;
    private final double fz;
    private final double perAcross;
    private final double perUp;

    FaceDensity(EmittingFace face) {
        distribution = face.distribution();
        luminance = face.luminance();
        Vector3D centre = face.centre();
        cx = centre.getX();
        cy = centre.getY();
        cz = centre.getZ();
        Vector3D across = face.acrossHalf();
        ax = across.getX();
        ay = across.getY();
        az = across.getZ();
        Vector3D up = face.upHalf();
        ux = up.getX();
        uy = up.getY();
        uz = up.getZ();
        Vector3D front = face.front();
        fx = front.getX();
        fy = front.getY();
        fz = front.getZ();
        perAcross = 1 / across.norm();
        perUp = 1 / up.norm();
    }

    /** For one surface element. */
    PolygonIntegral.Kernel on(double px, double py, double pz, double nx, double ny, double nz) {
        double fromX = cx - px;
        double fromY = cy - py;
        double fromZ = cz - pz;
        return (across, up) -> {
            double x = fromX + across * ax + up * ux;
            double y = fromY + across * ay + up * uy;
            double z = fromZ + across * az + up * uz;
            double atSurface = x * nx + y * ny + z * nz;
            double atFace = -(x * fx + y * fy + z * fz);
            if (atSurface <= 0 || atFace <= 0) {
                return 0;
            }
            double squared = x * x + y * y + z * z;
            double over = 1 / Math.sqrt(squared);
            return luminance
                    * atSurface
                    * over
                    / squared
                    * distribution.relativeIntensity(
                            -(x * ax + y * ay + z * az) * perAcross * over,
                            -(x * ux + y * uy + z * uz) * perUp * over,
                            atFace * over);
        };
    }
}
