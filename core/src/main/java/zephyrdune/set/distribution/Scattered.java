package zephyrdune.set.distribution;

/**
 * Part of a beam as it was, and the rest evenly all round to the front.
 *
 * @param beam the part that stays as it was
 * @param scatter intensity of the scattered part over that of the beam along its axis
 */
public record Scattered(Distribution beam, double scatter) implements Distribution {

    /**
     * @param straight share of the beam's light that stays in it, 0 to 1
     */
    public static Distribution of(Distribution beam, double straight) {
        if (straight == 0) {
            return new Scattered(beam, Double.POSITIVE_INFINITY);
        }
        return new Scattered(beam, (1 - straight) / straight * beam.flux() / (2 * Math.PI));
    }

    @Override
    public double relativeIntensity(double x, double y, double z) {
        if (z <= 0) {
            return 0;
        }
        return Double.isInfinite(scatter) ? 1 : (beam.relativeIntensity(x, y, z) + scatter) / (1 + scatter);
    }

    @Override
    public double flux() {
        return Double.isInfinite(scatter) ? 2 * Math.PI : (beam.flux() + scatter * 2 * Math.PI) / (1 + scatter);
    }
}
