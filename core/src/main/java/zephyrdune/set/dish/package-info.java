/** Dishes and products in their shapes and real sizes, as hero or as props. */
package zephyrdune.set.dish;
