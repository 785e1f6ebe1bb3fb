/** Evenly spread sample points. */
package zephyrdune.units.sampling;
