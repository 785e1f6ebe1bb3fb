/** Pictures as they get finer, over one connection for each view of a set. */
package zephyrdune.server.pictures;
