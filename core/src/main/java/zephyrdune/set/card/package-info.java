/** Cards and flags, and the openings and patterns cut into them. */
package zephyrdune.set.card;
