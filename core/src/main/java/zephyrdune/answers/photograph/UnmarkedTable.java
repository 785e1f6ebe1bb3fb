package zephyrdune.answers.photograph;

/** Nothing tells yet how the table lies: then tones are all that is read. */
public record UnmarkedTable() implements TablePlane {}
