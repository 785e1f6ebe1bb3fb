package zephyrdune.light.illuminance;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import zephyrdune.light.emitter.AdaptiveCubature;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.SmoothPart;
import zephyrdune.set.distribution.Distribution;

/**
 * Illuminance from a face that is uneven or sends more light one way than another: L cos cos / d² integrated over the
 * face.
 *
 * <p>Each patch of the face is divided into cells, and each cell again into four wherever 4 x 4 Gauss-Legendre points in
 * each of the four differ from those in the whole by more than its part of the stated error; the finer value is kept, so
 * the true error is far smaller as a rule. Cells gather by themselves under a near point, along the edge of a beam and
 * where a grid cuts off.
 */
public final class UnevenFace implements Illuminance {

    private static final int ORDER = 4;

    private static final GaussIntegrator GAUSS = new GaussIntegratorFactory().legendre(ORDER, 0, 1);

    private static final double[] NODES =
            IntStream.range(0, ORDER).mapToDouble(GAUSS::getPoint).toArray();

    private static final double[] WEIGHTS =
            IntStream.range(0, ORDER).mapToDouble(GAUSS::getWeight).toArray();

    /** Halvings of a patch: its smallest cells are a 256th of it wide. */
    private static final int DEEPEST = 8;

    /** Where less error than this is allowed, every patch is halved once more, lest a narrow beam slip between points. */
    private static final double CAREFUL = 1e-3;

    /** Light less than this share of the even face's counts as dark, where a share of the value would mean nothing. */
    private static final double DARK = 1e-3;

    private final EmittingFace face;
    private final Illuminance even;
    private final List<SmoothPart> parts;
    private final double error;

    private UnevenFace(EmittingFace face, double error) {
        this.face = face;
        this.error = error;
        parts = face.evenness().parts(face.outline());
        even = Illuminance.uniform(face);
    }

    static UnevenFace of(EmittingFace face, double error) {
        return new UnevenFace(face, error);
    }

    @Override
    public double at(double px, double py, double pz, double nx, double ny, double nz) {
        double open = even.at(px, py, pz, nx, ny, nz);
        if (open <= 0) {
            return 0;
        }
        return new Integral(face, error < CAREFUL ? 1 : 0, px, py, pz, nx, ny, nz).value(parts, error, DARK * open);
    }

    /** The integral for one receiver. */
    private static final class Integral extends AdaptiveCubature {

        private SmoothPart part;
        private final Distribution distribution;
        private final double[] place = new double[2];
        private final double perArea;
        private final double nx;
        private final double ny;
        private final double nz;
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
        private final double acrossLength;
        private final double upLength;

        Integral(EmittingFace face, int least, double px, double py, double pz, double nx, double ny, double nz) {
            super(least, DEEPEST);
            this.nx = nx;
            this.ny = ny;
            this.nz = nz;
            distribution = face.distribution();
            cx = face.centre().getX() - px;
            cy = face.centre().getY() - py;
            cz = face.centre().getZ() - pz;
            ax = face.acrossHalf().getX();
            ay = face.acrossHalf().getY();
            az = face.acrossHalf().getZ();
            ux = face.upHalf().getX();
            uy = face.upHalf().getY();
            uz = face.upHalf().getZ();
            var front = face.front();
            fx = front.getX();
            fy = front.getY();
            fz = front.getZ();
            acrossLength = Math.sqrt(ax * ax + ay * ay + az * az);
            upLength = Math.sqrt(ux * ux + uy * uy + uz * uz);
            perArea = face.luminance() * acrossLength * upLength;
        }

        double value(List<SmoothPart> parts, double error, double dark) {
            int count = parts.stream().mapToInt(one -> one.patches().patches()).sum();
            double[] whole = new double[count];
            double rough = 0;
            int next = 0;
            for (SmoothPart one : parts) {
                part = one;
                for (int patch = 0; patch < one.patches().patches(); patch++) {
                    whole[next] = cell(patch, 0, 0, 1);
                    rough += whole[next++];
                }
            }
            double allowed = error * Math.max(rough * perArea, dark) / (perArea * Math.max(1, count));
            double sum = 0;
            next = 0;
            for (SmoothPart one : parts) {
                part = one;
                for (int patch = 0; patch < one.patches().patches(); patch++) {
                    sum += refined(patch, whole[next++], allowed);
                }
            }
            return sum * perArea;
        }

        @Override
        protected double cell(int patch, double s, double t, double size) {
            double sum = 0;
            for (int i = 0; i < ORDER; i++) {
                double column = s + size * NODES[i];
                for (int j = 0; j < ORDER; j++) {
                    double area = part.patches().patch(patch, column, t + size * NODES[j], place);
                    sum += WEIGHTS[i] * WEIGHTS[j] * area * density();
                }
            }
            return sum * size * size;
        }

        /** Illuminance per unit of area of the place in {@link #place}, and of luminance. */
        private double density() {
            double across = place[0];
            double up = place[1];
            double rx = cx + across * ax + up * ux;
            double ry = cy + across * ay + up * uy;
            double rz = cz + across * az + up * uz;
            double atSurface = rx * nx + ry * ny + rz * nz;
            double atFace = -(rx * fx + ry * fy + rz * fz);
            if (atSurface <= 0 || atFace <= 0) {
                return 0;
            }
            double squared = rx * rx + ry * ry + rz * rz;
            double length = Math.sqrt(squared);
            double toSide = -(rx * ax + ry * ay + rz * az) / (acrossLength * length);
            double upwards = -(rx * ux + ry * uy + rz * uz) / (upLength * length);
            return atSurface
                    / (squared * length)
                    * part.evenness().at(across, up)
                    * distribution.relativeIntensity(toSide, upwards, atFace / length);
        }
    }
}
