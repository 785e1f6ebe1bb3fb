package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Gaussian;
import zephyrdune.light.emitter.Outline;
import zephyrdune.set.distribution.Distribution;

/**
 * Illuminance of any face by Gauss-Legendre quadrature (Hipparchus) of L cos cos / d² over panels in the face's own
 * coordinates: written apart from the formulas and the sampling, as something to hold them against.
 */
final class Quadrature {

    private static final int PANELS = 10;
    private static final GaussIntegrator RULE = new GaussIntegratorFactory().legendre(12, 0, 1);

    private final EmittingFace face;
    private final Vector3D point;
    private final Vector3D normal;

    private Quadrature(EmittingFace face, Vector3D point, Vector3D normal) {
        this.face = face;
        this.point = point;
        this.normal = normal;
    }

    static double illuminance(EmittingFace face, Vector3D point, Vector3D normal) {
        Quadrature of = new Quadrature(face, point, normal);
        double perArea = face.acrossHalf().norm() * face.upHalf().norm();
        if (face.outline() == Outline.RECTANGLE) {
            return perArea * square((s, t) -> 4 * of.density(2 * s - 1, 2 * t - 1));
        } else if (face.outline() == Outline.DISC) {
            double quarters = 0;
            for (int quarter = 0; quarter < 4; quarter++) {
                double start = quarter * Math.PI / 2;
                quarters += square((s, t) -> {
                    double turn = start + Math.PI / 2 * t;
                    return Math.PI / 2 * s * of.density(s * Math.cos(turn), s * Math.sin(turn));
                });
            }
            return perArea * quarters;
        }
        double sum = 0;
        double tan = Math.tan(Math.PI / 8);
        for (int side = 0; side < 8; side++) {
            double turn = side * Math.PI / 4;
            sum += square((s, t) -> {
                double out = s;
                double beside = s * tan * (2 * t - 1);
                return 2
                        * tan
                        * s
                        * of.density(
                                out * Math.cos(turn) - beside * Math.sin(turn),
                                out * Math.sin(turn) + beside * Math.cos(turn));
            });
        }
        return perArea * sum;
    }

    /** The integrand per unit of area. */
    private double density(double across, double up) {
        Vector3D ray = face.at(across, up).subtract(point);
        double length = ray.norm();
        Vector3D back = ray.multiply(-1 / length);
        double atSurface = -back.dot(normal);
        double atFace = back.dot(face.front());
        if (atSurface <= 0 || atFace <= 0) {
            return 0;
        }
        Distribution distribution = face.distribution();
        double relative = distribution.relativeIntensity(
                back.dot(face.acrossHalf().normalize()), back.dot(face.upHalf().normalize()), atFace);
        double evenness = Math.pow(2, -((Gaussian) face.evenness()).side() * (across * across + up * up));
        return face.luminance() * evenness * relative * atSurface / (length * length);
    }

    interface OnSquare {
        double at(double s, double t);
    }

    /** Integral over the unit square. */
    static double square(OnSquare function) {
        double sum = 0;
        for (int i = 0; i < PANELS; i++) {
            for (int j = 0; j < PANELS; j++) {
                int column = i;
                int row = j;
                sum += RULE.integrate(s -> RULE.integrate(t -> function.at((column + s) / PANELS, (row + t) / PANELS)));
            }
        }
        return sum / (PANELS * PANELS);
    }
}
