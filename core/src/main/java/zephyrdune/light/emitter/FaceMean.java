package zephyrdune.light.emitter;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.units.sampling.GaussLegendre;

/**
 * Means over a face: cells of 2 x 2 Gauss-Legendre points, which get small along the edge of a beam.
 */
final class FaceMean extends AdaptiveCubature {

    private static final GaussIntegrator GAUSS = GaussLegendre.over(2, 0, 1);

    private static final double[] NODES = {GAUSS.getPoint(0), GAUSS.getPoint(1)};

    private static final int LEAST = 4;
    private static final int DEEPEST = 9;

    /** Allowed in a patch; a cell of {@link #LEAST} halvings may differ by a millionth. */
    private static final double ALLOWED = 1.6e-5;

    private final Evenness evenness;
    private final Outline outline;
    private final int power;
    private final double[] place = new double[2];

    private FaceMean(Evenness evenness, Outline outline, int power) {
        super(LEAST, DEEPEST);
        this.evenness = evenness;
        this.outline = outline;
        this.power = power;
    }

    /** Mean of the evenness to a power. */
    static double of(Evenness evenness, Outline outline, int power) {
        FaceMean mean = new FaceMean(evenness, outline, power);
        double sum = 0;
        for (int patch = 0; patch < outline.patches(); patch++) {
            sum += mean.refined(patch, mean.cell(patch, 0, 0, 1), ALLOWED);
        }
        return sum / outline.area();
    }

    @Override
    protected double cell(int patch, double s, double t, double size) {
        double sum = 0;
        for (int node = 0; node < 4; node++) {
            double u = s + size * NODES[node / 2];
            double v = t + size * NODES[node % 2];
            double area = outline.patch(patch, u, v, place);
            sum += area * Math.pow(evenness.at(place[0], place[1]), power);
        }
        return sum * size * size / 4;
    }
}
