/** Questions the other way round: what to move, and how far, for a wanted reading. */
package zephyrdune.answers.move;
