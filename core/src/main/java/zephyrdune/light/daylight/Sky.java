package zephyrdune.light.daylight;

import zephyrdune.units.measure.Stops;

/**
 * What the sky is like. How its luminance is spread is that of the CIE Standard General Sky (CIE S 011/E:2003, ISO 15469:2004, types 12 and 1); how
 * much light it and the sun give a level surface is from Gillette and Kusuda, "A daylighting computation procedure for use in DOE-2", Journal of the
 * Illuminating Engineering Society, 1983, as the IES Lighting Handbook has it.
 */
public enum Sky {
    CLEAR("Clear", -1, -0.32, 10, -3, 0.45, 800, 15_500, 0.5, 0.21),
    OVERCAST("Overcast", 4, -0.7, 0, -1, 0, 300, 21_000, 1, Double.POSITIVE_INFINITY);

    /** Of the sun outside the air, lux on a surface that faces it. */
    private static final double SOLAR = 127_500;

    /** So many degrees under the horizon civil twilight ends. */
    private static final double TWILIGHT = Math.toRadians(6);

    /** What a clear sky gives a level surface then, lux (RCA Electro-Optics Handbook, 1974). */
    private static final double TWILIGHT_ENDS = 3.4;

    private final String title;
    private final double gradationA;
    private final double gradationB;
    private final double indicatrixC;
    private final double indicatrixD;
    private final double indicatrixE;
    private final double atHorizon;
    private final double rising;
    private final double power;
    private final double extinction;

    Sky(
            String title,
            double gradationA,
            double gradationB,
            double indicatrixC,
            double indicatrixD,
            double indicatrixE,
            double atHorizon,
            double rising,
            double power,
            double extinction) {
        this.title = title;
        this.gradationA = gradationA;
        this.gradationB = gradationB;
        this.indicatrixC = indicatrixC;
        this.indicatrixD = indicatrixD;
        this.indicatrixE = indicatrixE;
        this.atHorizon = atHorizon;
        this.rising = rising;
        this.power = power;
        this.extinction = extinction;
    }

    public String title() {
        return title;
    }

    /** Luminance in a direction over that of the zenith, but for a factor that is the same for the whole sky. */
    double luminance(double cosZenith, double cosFromSun) {
        double gradation = 1 + gradationA * Math.exp(gradationB / Math.max(1e-6, cosZenith));
        double away = Math.acos(Math.max(-1, Math.min(1, cosFromSun)));
        double indicatrix = 1
                + indicatrixC * (Math.exp(indicatrixD * away) - Math.exp(indicatrixD * Math.PI / 2))
                + indicatrixE * cosFromSun * cosFromSun;
        return gradation * indicatrix;
    }

    /** Illuminance of a level surface by the sky alone, lux; under the horizon it falls evenly in stops through civil twilight. */
    public double level(Sun sun) {
        if (sun.height() < 0) {
            double stops = Stops.between(CLEAR.atHorizon, TWILIGHT_ENDS);
            return atHorizon * Stops.ratio(stops * sun.height() / TWILIGHT);
        }
        return atHorizon + rising * Math.pow(Math.sin(sun.height()), power);
    }

    /** Illuminance of a surface that faces the sun, by the sun alone, lux. */
    public double beam(Sun sun) {
        return sun.height() <= 0 ? 0 : SOLAR * sun.nearness() * Math.exp(-extinction / Math.sin(sun.height()));
    }
}
