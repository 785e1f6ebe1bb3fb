/** The room: walls, window, ambient light, table top and backdrop. */
package zephyrdune.set.room;
