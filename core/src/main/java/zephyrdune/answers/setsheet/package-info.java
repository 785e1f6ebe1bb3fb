/** A set as it is built up by hand: what to measure with a tape, what to tilt and turn, what to set. */
package zephyrdune.answers.setsheet;
