/** Units, limits, stops, and what is said when a value cannot be. */
package zephyrdune.units.measure;
