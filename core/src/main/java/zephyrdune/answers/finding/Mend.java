package zephyrdune.answers.finding;

import zephyrdune.set.TableSet;

/**
 * One change that mends a finding.
 *
 * @param action what is changed and by how much, in a few words
 * @param set after it
 */
record Mend(String action, TableSet set) {}
