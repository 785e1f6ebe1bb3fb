/** The colour of light: temperatures, gels, and what they become in a picture under a white balance. */
package zephyrdune.units.colour;
