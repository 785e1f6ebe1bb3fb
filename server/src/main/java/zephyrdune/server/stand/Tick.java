package zephyrdune.server.stand;

import java.time.Instant;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SheetPart;

/**
 * A line of a set sheet that somebody ticked off, or opened again.
 *
 * @param number which part of its kind, from 1
 * @param value at which it was put up, or asked for when it was opened again, in the measure's unit
 * @param done whether it stands; otherwise it is open again
 * @param at by the clock of who did it
 */
record Tick(SheetPart.Kind part, int number, Measure measure, double value, boolean done, Instant at) {}
