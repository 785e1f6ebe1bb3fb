/** Photographs whose light is read: opened ones in memory, and those that somebody keeps. */
package zephyrdune.server.photographs;
