/** What the lens does: where things appear in the frame, and how much depth is sharp. */
package zephyrdune.render.lens;
