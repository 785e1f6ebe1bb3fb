/** What is answered when a request cannot be met: problem details (RFC 9457) that name the field. */
package zephyrdune.server.problems;
