/** What is told about a set: readings, findings, moves, the plan and its steps. */
package zephyrdune.answers;
