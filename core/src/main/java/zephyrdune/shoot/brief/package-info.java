/** What a shoot is to bring: dishes, how long they hold, the sets they are photographed on, people and fixed times. */
package zephyrdune.shoot.brief;
