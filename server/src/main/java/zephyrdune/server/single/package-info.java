/** Documents of which an installation keeps one: changed only on top of what the writer has seen. */
package zephyrdune.server.single;
