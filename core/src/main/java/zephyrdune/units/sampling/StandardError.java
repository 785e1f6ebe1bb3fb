package zephyrdune.units.sampling;

/** How unsure the mean of rounds of samples is, by how far they lie apart. */
public final class StandardError {

    private int count;
    private double sum;
    private double squares;

    public void add(double round) {
        count++;
        sum += round;
        squares += round * round;
    }

    public int count() {
        return count;
    }

    /** Standard error of the mean over the mean; rounds of Sobol points are evener together than apart, so it is not more. */
    public double error() {
        double mean = sum / count;
        double variance = Math.max(0, squares / count - mean * mean) / (count - 1);
        return mean == 0 ? 0 : Math.sqrt(variance) / mean;
    }
}
