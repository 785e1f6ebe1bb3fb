/** Shoots: what is kept of them, what happened at them, and their run sheets. */
package zephyrdune.server.shoots;
