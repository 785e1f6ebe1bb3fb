package zephyrdune.units.measure;

/** The range of one quantity, both ends included, in its own unit. */
public record Limit(String field, double min, double max, Unit unit) {

    /** Whether the value is a finite number inside the range. */
    public boolean allows(double value) {
        return value >= min && value <= max;
    }

    /** The value inside the range that is nearest to another. */
    public double nearest(double value) {
        return Math.min(max, Math.max(min, value));
    }

    /** @throws OutOfLimits when the value is not a finite number inside the range */
    public void require(double value) {
        if (!allows(value)) {
            throw new OutOfLimits(this, value);
        }
    }
}
