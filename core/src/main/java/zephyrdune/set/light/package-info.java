/** The one light: its face, what fills it, how it spreads, doors, losses and pose; and a base light. */
package zephyrdune.set.light;
