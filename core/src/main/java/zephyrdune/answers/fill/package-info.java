/** What cards give to the side of the hero that the key does not reach, or take from it. */
package zephyrdune.answers.fill;
