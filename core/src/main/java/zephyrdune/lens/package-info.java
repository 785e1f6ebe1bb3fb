/** What the lens does: how much depth is sharp. */
package zephyrdune.lens;
