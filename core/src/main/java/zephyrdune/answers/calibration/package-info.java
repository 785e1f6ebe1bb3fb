/** What measurements say of unknowns that something is known of already: a linear Gaussian update. */
package zephyrdune.answers.calibration;
