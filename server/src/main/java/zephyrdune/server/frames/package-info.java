/** Test frames: how they come in, what they are compared with, and what they say to set next. */
package zephyrdune.server.frames;
