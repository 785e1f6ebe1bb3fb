/** When each dish has its turn, and why. */
package zephyrdune.shoot.runsheet;
