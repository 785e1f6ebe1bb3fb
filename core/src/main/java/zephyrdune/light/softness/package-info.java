/** How soft the light is: apparent size of the face, and the edge and length of the shadow it throws. */
package zephyrdune.light.softness;
