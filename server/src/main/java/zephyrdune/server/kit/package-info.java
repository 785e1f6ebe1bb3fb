/** The kit: kept as one document, changed only on top of what the writer has seen. */
package zephyrdune.server.kit;
