package zephyrdune.table;

/** Equally bright all over. */
public record EvenlyLit() implements Filling {}
