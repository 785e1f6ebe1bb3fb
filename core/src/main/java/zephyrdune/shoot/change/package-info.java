/** What has to be moved, put up and taken away to come from one set to the next, and how long that takes. */
package zephyrdune.shoot.change;
