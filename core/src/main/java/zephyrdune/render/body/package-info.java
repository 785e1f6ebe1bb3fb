/** Dishes, products and cards as bodies that rays meet. */
package zephyrdune.render.body;
