/** How surfaces send light on: matte, coated, metal and clear ones, and their relief. */
package zephyrdune.render.material;
