package zephyrdune.server.pictures;

/** A place of the picture that somebody points at, 0 to 1 across and down. */
record LoupePlace(double across, double down) {}
