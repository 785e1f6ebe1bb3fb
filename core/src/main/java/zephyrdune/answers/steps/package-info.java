/** The frames that are kept to understand a set: its lights and cards one at a time. */
package zephyrdune.answers.steps;
