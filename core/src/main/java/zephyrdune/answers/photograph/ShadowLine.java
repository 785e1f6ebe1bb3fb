package zephyrdune.answers.photograph;

/** A line on the table straight across the edge of a shadow, from well inside it to well outside, or the other way. */
public record ShadowLine(Mark from, Mark to) {}
