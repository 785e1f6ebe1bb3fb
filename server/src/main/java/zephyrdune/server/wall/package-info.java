/** The wall test over HTTP: the frames of a light before a plain wall, and what they say of its shapers. */
package zephyrdune.server.wall;
