package zephyrdune.set.distribution;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.units.sampling.GaussLegendre;

/**
 * A Lambertian face behind a grid of square cells with black walls: what passes in a direction is the overlap of the
 * two mouths of a cell, {@code (1 - |tan a| d / w)(1 - |tan b| d / w)} with a and b the angles to the axis in the
 * planes of the cell's sides, and nothing beyond {@code atan(w / d)} in either.
 *
 * @param openness cell width over cell depth, w / d
 */
public record GridCut(double openness) implements Distribution {

    private static final GaussIntegrator GAUSS = GaussLegendre.over(32, 0, 1);

    @Override
    public double relativeIntensity(double x, double y, double z) {
        if (z <= 0) {
            return 0;
        }
        double across = 1 - Math.abs(x) / (z * openness);
        double up = 1 - Math.abs(y) / (z * openness);
        return across <= 0 || up <= 0 ? 0 : z * across * up;
    }

    /** Over one quarter in tangents u, v of the two angles: cos dOmega = du dv / (1 + u² + v²)². */
    @Override
    public double flux() {
        // both angles run over equal steps: the tangents of a wide-open grid go far
        double steepest = Math.atan(openness);
        return 4
                * steepest
                * steepest
                * GAUSS.integrate(s -> GAUSS.integrate(t -> quarter(s * steepest, t * steepest)));
    }

    private double quarter(double across, double up) {
        double u = Math.tan(across);
        double v = Math.tan(up);
        double spread = 1 + u * u + v * v;
        return (1 - u / openness) * (1 - v / openness) * (1 + u * u) * (1 + v * v) / (spread * spread);
    }
}
