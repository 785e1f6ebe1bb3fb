/** What the test frames of a kit say of it together: how much each piece gives or takes, and how sure that is. */
package zephyrdune.answers.learning;
