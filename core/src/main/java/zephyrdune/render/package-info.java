/** Light traced by rays: bodies and materials, paths, metered light, the picture. */
package zephyrdune.render;
