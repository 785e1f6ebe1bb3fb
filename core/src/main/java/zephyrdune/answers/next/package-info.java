/** What to change next to bring a set nearer to its look. */
package zephyrdune.answers.next;
