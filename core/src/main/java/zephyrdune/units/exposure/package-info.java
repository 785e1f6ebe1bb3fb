/** From light to pixel values. */
package zephyrdune.units.exposure;
