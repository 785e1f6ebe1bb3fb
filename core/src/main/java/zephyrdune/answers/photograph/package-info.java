/** The light read from a photograph: from a few marks on it, by the geometry of a single view and by its tones. */
package zephyrdune.answers.photograph;
