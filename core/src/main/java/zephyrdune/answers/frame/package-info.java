/** A test frame beside what the set predicts of it: patch by patch, in stops, and what to set next. */
package zephyrdune.answers.frame;
