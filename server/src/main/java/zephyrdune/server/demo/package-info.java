/** The invented sets that a new database starts with. */
package zephyrdune.server.demo;
