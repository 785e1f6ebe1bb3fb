/** The few numbers that matter, each with its unit, the place it was probed, its formula and its source. */
package zephyrdune.answers.readings;
