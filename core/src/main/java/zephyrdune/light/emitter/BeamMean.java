package zephyrdune.light.emitter;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import zephyrdune.units.sampling.GaussLegendre;

/** Means over a face of what is smooth inside a beam with straight edges and dark outside. */
final class BeamMean {

    private static final GaussIntegrator RULE = GaussLegendre.over(6, 0, 1);

    private BeamMean() {}

    static double of(Evenness evenness, Outline outline, Triangles beam, int power) {
        double[] place = new double[2];
        double sum = 0;
        for (int patch = 0; patch < beam.patches(); patch++) {
            int index = patch;
            sum += RULE.integrate(s -> RULE.integrate(t -> {
                double area = beam.patch(index, s, t, place);
                double value = evenness.at(place[0], place[1]);
                return area * (power == 1 ? value : value * value);
            }));
        }
        return sum / outline.area();
    }
}
