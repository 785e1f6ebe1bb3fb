/** How requests and answers travel: JSON of a set, bounds on requests, headers, the published API. */
package zephyrdune.server.http;
