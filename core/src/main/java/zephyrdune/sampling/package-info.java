/** Evenly spread sample points. */
package zephyrdune.sampling;
