/** The day on which several dishes are photographed: what is to be done, what changes from one set to the next, and when. */
package zephyrdune.shoot;
