/** How fast the core answers. Medians are what counts; the machine's noise is in the rest. */
package zephyrdune.bench;
