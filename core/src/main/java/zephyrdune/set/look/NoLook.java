package zephyrdune.set.look;

/** Nothing is asked for. */
public record NoLook() implements Look {}
