/** Everything that is kept in one open file: written by command and by itself, and brought back. */
package zephyrdune.server.backup;
