/** What the core says of a set that is sent along: readings, plan, picture, a file's contents. */
package zephyrdune.server.answers;
