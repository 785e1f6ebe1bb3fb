/** Who may ask at all: the user who started the application, whoever holds its key, and no page from elsewhere. */
package zephyrdune.server.access;
