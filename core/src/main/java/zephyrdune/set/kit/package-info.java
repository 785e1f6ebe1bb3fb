/** What a photographer owns and where they work: sources, shapers, boards, rooms, and ready-made ones to start from. */
package zephyrdune.set.kit;
