/** What light the codes of a camera's files stand for, learnt from a bracket. */
package zephyrdune.answers.tone;
