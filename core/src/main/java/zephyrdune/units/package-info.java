/** Arithmetic that knows nothing of a set: limits and units, stops and exposure, colour, sampling. */
package zephyrdune.units;
