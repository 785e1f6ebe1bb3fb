package zephyrdune.answers.calibration;

/**
 * Something measured that depends on the unknowns in proportion.
 *
 * @param value measured, less what it is with every unknown at zero
 * @param slopes how much of each unknown is in it
 * @param spread standard deviation of the measurement itself
 */
public record Measurement(double value, double[] slopes, double spread) {

    public Measurement {
        slopes = slopes.clone();
    }

    @Override
    public double[] slopes() {
        return slopes.clone();
    }

    double slope(int unknown) {
        return slopes[unknown];
    }
}
