package zephyrdune.table;

/** One light only. */
public record NoBase() implements Base {}
