package zephyrdune.set.light;

/** Nothing inside a softbox but the source. */
public record NoInner() implements Inner {}
