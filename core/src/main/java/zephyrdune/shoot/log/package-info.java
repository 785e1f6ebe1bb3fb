/** What is remembered of a set that was photographed, to find it by and to compare with. */
package zephyrdune.shoot.log;
