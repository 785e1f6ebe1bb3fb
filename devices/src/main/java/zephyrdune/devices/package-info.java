/** Simulated devices that ship with the application, to practise with and to test by: they stand where real ones would. */
package zephyrdune.devices;
