/** What a meter at the hero would say: the key's and the room's share of the exposure, and the power to set. */
package zephyrdune.metering;
