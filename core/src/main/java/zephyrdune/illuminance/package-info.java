/** Light that arrives at a point of a surface. */
package zephyrdune.illuminance;
