/** What stands in the light, and how dark it is there. */
package zephyrdune.answers.shadow;
