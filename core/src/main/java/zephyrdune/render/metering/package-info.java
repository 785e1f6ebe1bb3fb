/** What a meter says: the key's and the room's share of the exposure, and the power to set. */
package zephyrdune.render.metering;
