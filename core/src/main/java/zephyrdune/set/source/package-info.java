/** What makes the light: flashes and LEDs, how much they give and where it goes before anything shapes it. */
package zephyrdune.set.source;
