package zephyrdune.set.light;

/** One light only. */
public record NoBase() implements Base {}
