/** Power that is set over the network, on a receiver that speaks the interface of {@code docs/power.md}. */
package zephyrdune.server.power;
