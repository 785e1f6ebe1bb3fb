package zephyrdune.set.light;

/** Equally bright all over. */
public record EvenlyLit() implements Filling {}
