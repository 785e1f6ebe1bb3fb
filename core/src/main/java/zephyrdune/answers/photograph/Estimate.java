package zephyrdune.answers.photograph;

/**
 * What a photograph tells of a quantity.
 *
 * @param spread its standard deviation
 */
public record Estimate(double value, double spread) {}
