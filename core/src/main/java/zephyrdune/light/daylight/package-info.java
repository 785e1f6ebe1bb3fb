/** The sun, the sky, and what they give a window: published sky models, good for estimates. */
package zephyrdune.light.daylight;
