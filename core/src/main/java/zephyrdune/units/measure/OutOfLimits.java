package zephyrdune.units.measure;

/** A number outside its physical range, or not a number at all. */
public final class OutOfLimits extends Refused {

    private final transient Limit limit;
    private final double value;

    public OutOfLimits(Limit limit, double value) {
        super(
                limit.field(),
                "%s is %s; it must lie between %s and %s (%s)"
                        .formatted(limit.field(), value, limit.min(), limit.max(), limit.unit()));
        this.limit = limit;
        this.value = value;
    }

    public Limit limit() {
        return limit;
    }

    public double value() {
        return value;
    }
}
