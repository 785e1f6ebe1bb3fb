/** The log: takes and test frames, found again by words and by their light. */
package zephyrdune.server.records;
