package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;

/**
 * Exact illuminance from a round face of even Lambertian luminance, in any pose, also where the receiver's horizon cuts
 * the disc.
 *
 * <p>Lambert's contour formula as an integral, {@code E = (L/2) n . integral of (r x dr) / |r|²}, round the part of the
 * rim above the horizon and back along the chord. With c from the point to the centre and the rim at c + R (u cos a + v
 * sin a), v square to c, |r|² is {@code p + q cos a} and each part of the integral has an elementary antiderivative: that
 * of {@code 1 / (p + q cos a)} is {@code (a - 2 atan(q sin a / (p + k + q cos a))) / k} with {@code k² = p² - q²}.
 */
public final class DiscFormula implements Illuminance {

    private final double luminance;
    private final double radius;
    private final double cx;
    private final double cy;
    private final double cz;
    private final double fx;
    private final double fy;
    private final double fz;
    private final double sideX;
    private final double sideY;
    private final double sideZ;

    private DiscFormula(EmittingFace face) {
        luminance = face.luminance();
        radius = face.acrossHalf().norm();
        cx = face.centre().getX();
        cy = face.centre().getY();
        cz = face.centre().getZ();
        Vector3D front = face.front();
        fx = front.getX();
        fy = front.getY();
        fz = front.getZ();
        Vector3D side = face.acrossHalf().normalize();
        sideX = side.getX();
        sideY = side.getY();
        sideZ = side.getZ();
    }

    static DiscFormula of(EmittingFace face) {
        return new DiscFormula(face);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        double ox = cx - px;
        double oy = cy - py;
        double oz = cz - pz;
        double height = -(ox * fx + oy * fy + oz * fz);
        if (height <= 0) {
            return 0;
        }
        // u: from the foot of the point in the face's plane towards the centre
        double ux = ox + height * fx;
        double uy = oy + height * fy;
        double uz = oz + height * fz;
        double off = Math.sqrt(ux * ux + uy * uy + uz * uz);
        if (off > 1e-12 * height) {
            ux /= off;
            uy /= off;
            uz /= off;
        } else {
            off = 0;
            ux = sideX;
            uy = sideY;
            uz = sideZ;
        }
        // v = u x f, so that rising angles go clockwise as seen from the lit side
        double vx = uy * fz - uz * fy;
        double vy = uz * fx - ux * fz;
        double vz = ux * fy - uy * fx;
        double middle = ox * nx + oy * ny + oz * nz;
        double alongU = radius * (ux * nx + uy * ny + uz * nz);
        double alongV = radius * (vx * nx + vy * ny + vz * nz);
        double reach = Math.hypot(alongU, alongV);
        if (middle + reach <= 0) {
            return 0;
        }
        // n . (r x dr) = (whole + onCos cos a + onSin sin a) da
        double whole = -radius * radius * (nx * fx + ny * fy + nz * fz);
        double onCos = radius * triple(nx, ny, nz, ox, oy, oz, vx, vy, vz);
        double onSin = -radius * triple(nx, ny, nz, ox, oy, oz, ux, uy, uz);
        if (middle - reach >= 0) {
            return Math.max(0, luminance / 2 * arc(height, off, whole, onCos, onSin, -Math.PI, Math.PI));
        }
        double highest = Math.atan2(alongV, alongU);
        double half = Math.acos(-middle / reach);
        double from = highest - half;
        double to = highest + half;
        double sum = arc(height, off, whole, onCos, onSin, from, to);
        double fromU = radius * Math.cos(from);
        double fromV = radius * Math.sin(from);
        double toU = radius * Math.cos(to);
        double toV = radius * Math.sin(to);
        sum += ContourFormula.edge(
                ox + toU * ux + toV * vx,
                oy + toU * uy + toV * vy,
                oz + toU * uz + toV * vz,
                ox + fromU * ux + fromV * vx,
                oy + fromU * uy + fromV * vy,
                oz + fromU * uz + fromV * vz,
                nx,
                ny,
                nz);
        return Math.max(0, luminance / 2 * sum);
    }

    /** Integral of (whole + onCos cos a + onSin sin a) / (p + q cos a) from one angle to another. */
    private double arc(double height, double off, double whole, double onCos, double onSin, double from, double to) {
        double q = 2 * radius * off;
        double less = height * height + (off - radius) * (off - radius);
        double more = height * height + (off + radius) * (off + radius);
        double p = (less + more) / 2;
        double k = Math.sqrt(less * more);
        double turn = to - from;
        double tilts = tilt(p, q, k, to) - tilt(p, q, k, from);
        double plain = (turn - 2 * q * tilts) / k;
        // integral of cos a / (p + q cos a), free of the division by q that would lose all digits on the axis
        double cosine = -q * turn / (k * (k + p)) + 2 * p / k * tilts;
        double least = p + q * Math.cos(from);
        double change = Math.cos(to) - Math.cos(from);
        double sine = q * Math.abs(change) < 1e-12 * least ? -change / least : -Math.log1p(q * change / least) / q;
        return whole * plain + onCos * cosine + onSin * sine;
    }

    /** atan(q sin a / (p + k + q cos a)) / q. */
    private static double tilt(double p, double q, double k, double angle) {
        double slope = Math.sin(angle) / (p + k + q * Math.cos(angle));
        double x = q * slope;
        return Math.abs(x) < 1e-8 ? slope : Math.atan(x) / q;
    }

    private static double triple(
            double ax, double ay, double az, double bx, double by, double bz, double x, double y, double z) {
        return ax * (by * z - bz * y) + ay * (bz * x - bx * z) + az * (bx * y - by * x);
    }
}
