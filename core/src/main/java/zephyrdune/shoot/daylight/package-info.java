/** The room's own light through the day of a shoot. */
package zephyrdune.shoot.daylight;
