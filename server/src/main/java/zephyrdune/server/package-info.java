/** The application: HTTP API, stores and the packaged front end. No rule of the job lives here. */
package zephyrdune.server;
