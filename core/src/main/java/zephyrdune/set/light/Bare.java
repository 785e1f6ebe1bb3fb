package zephyrdune.set.light;

/** Nothing between: the source's own beam. */
public record Bare() implements Spread {}
