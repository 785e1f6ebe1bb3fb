/** The wall test: what a light's beam across a plain wall says of the shapers before it. */
package zephyrdune.answers.wall;
