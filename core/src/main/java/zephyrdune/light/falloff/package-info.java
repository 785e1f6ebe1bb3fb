/** How the light falls off across the dish, across the frame and towards the backdrop. */
package zephyrdune.light.falloff;
