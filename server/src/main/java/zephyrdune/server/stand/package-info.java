/** At the stand: what to measure and set, line by line, and what stands already. */
package zephyrdune.server.stand;
