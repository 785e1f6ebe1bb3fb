package zephyrdune.set.distribution;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.units.sampling.GaussLegendre;

/**
 * A beam behind round black tubes: what passes in a direction is the overlap of a tube's two ends, two circles that lie
 * {@code tan(theta) / openness} of their diameter apart, and nothing beyond {@code atan(openness)}.
 *
 * @param power of the cosine that the beam follows before the tubes
 * @param openness width of a tube over its length
 */
public record Tube(double power, double openness) implements Distribution {

    private static final GaussIntegrator GAUSS = GaussLegendre.over(48, 0, 1);

    @Override
    public double relativeIntensity(double x, double y, double z) {
        if (z <= 0) {
            return 0;
        }
        double apart = Math.sqrt(x * x + y * y) / (z * openness);
        return apart >= 1 ? 0 : Math.pow(z, power) * overlap(apart);
    }

    /** Area that two circles of diameter 1 share, over that of one of them: 2 / pi (acos u - u sqrt(1 - u²)). */
    private static double overlap(double apart) {
        return 2 / Math.PI * (Math.acos(apart) - apart * Math.sqrt(1 - apart * apart));
    }

    @Override
    public double flux() {
        double widest = Math.atan(openness);
        return 2
                * Math.PI
                * widest
                * GAUSS.integrate(s -> {
                    double theta = s * widest;
                    return Math.sin(theta) * relativeIntensity(Math.sin(theta), 0, Math.cos(theta));
                });
    }
}
