/** Takes: kept states of a set, each with its picture. */
package zephyrdune.server.takes;
