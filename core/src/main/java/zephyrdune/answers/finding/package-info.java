/** What stands wrong in a set, seen from its geometry, each with one thing to try. */
package zephyrdune.answers.finding;
