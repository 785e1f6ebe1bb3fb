package zephyrdune.answers.photograph;

/** What tells how the table lies in a photograph, and its scale. */
public sealed interface TablePlane permits UnmarkedTable, RoundRim, FlatRectangle, KnownTilt {}
