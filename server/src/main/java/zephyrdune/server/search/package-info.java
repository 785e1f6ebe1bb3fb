/** Searches for placements: begun, looked in on, ended. */
package zephyrdune.server.search;
