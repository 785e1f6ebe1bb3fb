package zephyrdune.answers.photograph;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.FastMath;
import zephyrdune.units.geometry.Jacobian;
import zephyrdune.units.measure.Refused;

/**
 * Where a light stands, seen from the middle of the dish, by the shadows of things on the table.
 *
 * <p>Each shadow tells the way to the light from the top that throws it. A light on a set is near, so these ways differ from the one from the
 * dish by as much as its distance says. Where the shadows do not tell that, it is taken for 0.9 m within a factor of two
 * either way (common practice, no published source), and what this leaves open is in the spreads.
 *
 * @param centre in the table's space, metres
 * @param clock from 12 o'clock, radians
 * @param height above the table, radians
 * @param distance metres; absent where the shadows do not tell it
 */
record LightPlace(Vector3D centre, Estimate clock, Estimate height, Optional<Estimate> distance) {

    private static final double USUAL = 0.9;
    private static final double USUAL_SPREAD = Math.log(2);

    /** Told from here on: the shadows say twice as much as is known without them. */
    private static final double TOLD = USUAL_SPREAD / 2;

    /** Shadows of one light do not point farther apart than this. */
    private static final double MOST_APART = Math.toRadians(75);

    private static final int STEPS = 200;

    /** @throws Refused where the shadows cannot be of one light */
    static LightPlace of(List<ShadowRay> rays) {
        requireTogether(rays);
        double[] start = ShadowRay.angles(rays.stream().map(ShadowRay::way).reduce(Vector3D.ZERO, Vector3D::add));
        LeastSquaresOptimizer.Optimum found = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(new double[] {start[0], start[1], Math.log(USUAL)})
                        .model(at -> residuals(rays, at), at -> Jacobian.of(there -> residuals(rays, there), at))
                        .target(new double[2 * rays.size() + 1])
                        .maxEvaluations(STEPS)
                        .maxIterations(STEPS)
                        .build());
        double[] at = found.getPoint().toArray();
        RealMatrix spread = found.getCovariances(1e-12);
        double[] spreads = new double[3];
        for (int i = 0; i < 3; i++) {
            spreads[i] = Math.sqrt(spread.getEntry(i, i));
        }
        Vector3D centre = place(at);
        double[] seen = ShadowRay.angles(centre);
        double distance = Math.exp(at[2]);
        return new LightPlace(
                centre,
                new Estimate(seen[0], spreads[0]),
                new Estimate(seen[1], spreads[1]),
                spreads[2] < TOLD ? Optional.of(new Estimate(distance, distance * spreads[2])) : Optional.empty());
    }

    private static void requireTogether(List<ShadowRay> rays) {
        for (int i = 1; i < rays.size(); i++) {
            Vector3D one = rays.get(0).way();
            Vector3D other = rays.get(i).way();
            if (Math.acos(Math.min(1, one.dot(other))) > MOST_APART) {
                throw new Refused(
                        "things[%d].tip".formatted(i),
                        "This shadow falls another way than the first: put its tip where the shadow of its top ends, or leave out one of the two");
            }
        }
    }

    private static Vector3D place(double[] at) {
        double distance = Math.exp(at[2]);
        return Vector3D.of(
                distance * Math.cos(at[1]) * Math.sin(at[0]),
                distance * Math.cos(at[1]) * Math.cos(at[0]),
                distance * Math.sin(at[1]));
    }

    /** In standard deviations, and the usual distance last. */
    private static double[] residuals(List<ShadowRay> rays, double[] at) {
        Vector3D light = place(at);
        List<Double> off = new ArrayList<>();
        for (ShadowRay ray : rays) {
            double[] told = ShadowRay.angles(ray.way());
            double[] there = ShadowRay.angles(light.subtract(ray.top()));
            double[] apart = {FastMath.IEEEremainder(there[0] - told[0], 2 * Math.PI), there[1] - told[1]};
            for (double part :
                    new CholeskyDecomposition(ray.precision()).getLT().operate(apart)) {
                off.add(part);
            }
        }
        off.add((at[2] - Math.log(USUAL)) / USUAL_SPREAD);
        return off.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
