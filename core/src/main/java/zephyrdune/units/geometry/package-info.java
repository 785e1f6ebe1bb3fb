/** Plane geometry and halving, once for everybody. Space is commons-geometry's. */
package zephyrdune.units.geometry;
