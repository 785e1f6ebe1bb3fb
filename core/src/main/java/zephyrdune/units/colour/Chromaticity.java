package zephyrdune.units.colour;

import java.util.OptionalDouble;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** A colour without its brightness, in CIE 1931 coordinates. */
public record Chromaticity(double x, double y) {

    /** Planck's second radiation constant as in CIE 15, metre kelvin. */
    private static final double C2 = 1.4388e-2;

    /** From here up, daylight rather than a glowing body is what a colour temperature stands for. */
    private static final double DAYLIGHT_FROM = 5000;

    /** From a black body's light, in the CIE 1960 diagram, to what still has a colour temperature (CIE 15). */
    private static final double FARTHEST = 0.05;

    /** Between these, mireds, a nearest black body is looked for; nearer than {@link #END} to one of them there is none. */
    private static final double COLDEST = 25;

    private static final double WARMEST = 1000;
    private static final double END = 0.01;

    /** The white of sRGB (IEC 61966-2-1), CIE D65. */
    public static final Chromaticity D65 = new Chromaticity(0.3127, 0.3290);

    /**
     * The light of a colour temperature in kelvin: Planck's up to 4000, CIE daylight from 5000, and between the two a
     * straight line in mireds so that no step shows.
     */
    public static Chromaticity ofTemperature(double kelvin) {
        if (kelvin >= DAYLIGHT_FROM) {
            return daylight(kelvin);
        }
        double share = (Mired.of(kelvin) - Mired.of(DAYLIGHT_FROM)) / (Mired.of(4000) - Mired.of(DAYLIGHT_FROM));
        Chromaticity planck = planck(kelvin);
        if (share >= 1) {
            return planck;
        }
        Chromaticity offset = daylight(DAYLIGHT_FROM);
        Chromaticity planckThere = planck(DAYLIGHT_FROM);
        return new Chromaticity(
                planck.x + (1 - share) * (offset.x - planckThere.x),
                planck.y + (1 - share) * (offset.y - planckThere.y));
    }

    /** A black body's light: Planck's law weighted by the CIE 1931 observer. */
    public static Chromaticity planck(double kelvin) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < StandardObserver.SIZE; i++) {
            double wavelength = StandardObserver.wavelength(i);
            double power = 1 / (Math.pow(wavelength * 1e7, 5) * Math.expm1(C2 / (wavelength * kelvin)));
            x += power * StandardObserver.x(i);
            y += power * StandardObserver.y(i);
            z += power * StandardObserver.z(i);
        }
        return new Chromaticity(x / (x + y + z), y / (x + y + z));
    }

    /** CIE daylight (CIE 15), 4000 to 25000 K; beyond, that of 25000 K. */
    public static Chromaticity daylight(double kelvin) {
        double t = 1e3 / Math.min(25_000, kelvin);
        double x = kelvin <= 7000
                ? ((-4.6070 * t + 2.9678) * t + 0.09911) * t + 0.244063
                : ((-2.0064 * t + 1.9018) * t + 0.24748) * t + 0.237040;
        return new Chromaticity(x, (-3.000 * x + 2.870) * x - 0.275);
    }

    /**
     * Correlated colour temperature, kelvin: of the black body whose light is nearest in the CIE 1960 diagram (CIE 15), between 1000
     * and 40000. None beyond those, nor farther than 0.05 from every black body's light, where the standard gives it no meaning.
     */
    public OptionalDouble temperature() {
        double nearest = new BrentOptimizer(1e-9, 1e-7)
                .optimize(
                        new MaxEval(200),
                        GoalType.MINIMIZE,
                        new UnivariateObjectiveFunction(mired -> apart(planck(Mired.of(mired)))),
                        new SearchInterval(COLDEST, WARMEST))
                .getPoint();
        boolean within = nearest > COLDEST + END && nearest < WARMEST - END;
        return within && Math.sqrt(apart(planck(Mired.of(nearest)))) <= FARTHEST
                ? OptionalDouble.of(Mired.of(nearest))
                : OptionalDouble.empty();
    }

    /** Squared distance in the CIE 1960 diagram. */
    private double apart(Chromaticity other) {
        double du = u() - other.u();
        double dv = v() - other.v();
        return du * du + dv * dv;
    }

    private double u() {
        return 4 * x / (12 * y - 2 * x + 3);
    }

    private double v() {
        return 6 * y / (12 * y - 2 * x + 3);
    }

    /** Tristimulus values for a luminance of 1. */
    double[] xyz() {
        return new double[] {x / y, 1, (1 - x - y) / y};
    }
}
