package zephyrdune.light.illuminance;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.light.emitter.AdaptiveCubature;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.SmoothPart;
import zephyrdune.units.sampling.GaussLegendre;

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

    private static final GaussIntegrator GAUSS = GaussLegendre.over(ORDER, 0, 1);

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

    private final FaceDensity density;

    /** Square metres of the face for each of its own across and up. */
    private final double perArea;

    private final Illuminance even;
    private final List<SmoothPart> parts;
    private final double error;

    private UnevenFace(EmittingFace face, double error) {
        density = new FaceDensity(face);
        perArea = face.acrossHalf().norm() * face.upHalf().norm();
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
        return new Integral(perArea, error < CAREFUL ? 1 : 0, density.on(px, py, pz, nx, ny, nz))
                .value(parts, error, DARK * open);
    }

    /** The integral for one receiver. */
    private static final class Integral extends AdaptiveCubature {

        private SmoothPart part;
        private final PolygonIntegral.Kernel density;
        private final double[] place = new double[2];
        private final double perArea;

        Integral(double perArea, int least, PolygonIntegral.Kernel density) {
            super(least, DEEPEST);
            this.perArea = perArea;
            this.density = density;
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
                    sum += WEIGHTS[i]
                            * WEIGHTS[j]
                            * area
                            * part.evenness().at(place[0], place[1])
                            * density.at(place[0], place[1]);
                }
            }
            return sum * size * size;
        }
    }
}
