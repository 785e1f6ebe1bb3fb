/** Saved sets: kept, listed, changed only on top of what the writer has seen. */
package zephyrdune.server.sets;
