/** From light to pixel values. */
package zephyrdune.exposure;
