/** The way of the light from its source to its face, link by link. */
package zephyrdune.light.chain;
