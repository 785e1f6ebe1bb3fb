/** The power control of a light: how far below full it can go, in which steps, and how its marks are written. */
package zephyrdune.set.power;
