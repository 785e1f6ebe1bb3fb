/** Looks: ready-made ones, those that somebody made, their files. */
package zephyrdune.server.looks;
