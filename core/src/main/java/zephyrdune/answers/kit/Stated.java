package zephyrdune.answers.kit;

import zephyrdune.set.TableSet;

/**
 * What is stated of a number of the kit.
 *
 * @param title what it is called
 * @param stops stated
 * @param spread standard deviation of the truth about that
 * @param in the set that states it
 */
public record Stated(String title, double stops, double spread, TableSet in) {}
