/** Whole placements for a look: what to put up, and where. */
package zephyrdune.answers.search;
