/** How a source or a face shares its light out over directions. */
package zephyrdune.set.distribution;
