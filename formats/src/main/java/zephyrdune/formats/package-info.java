/** Open formats in and out: the set file and its schema, and picture files. */
package zephyrdune.formats;
