/** The numbers of a kit that are only known to some spread, and what is stated of them. */
package zephyrdune.answers.kit;
